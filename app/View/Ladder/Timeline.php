<?php

declare(strict_types=1);

namespace App\View\Ladder;

use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use stdClass;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Source;

/**
 * A student's reps along time: at which rung each was, and how it went. Reps of one day at one rung lie side by side.
 * Lengths are units of the drawing.
 */
final readonly class Timeline
{
    /** Reps that it shows at most. */
    public const MAX = 240;

    private const LEFT = 92.0;
    private const WIDTH = 1180.0;
    private const BAND = 27.0;
    private const FOOT = 18.0;

    /** Between two marks of one day, how many lie above one another, and the width of a mark. */
    private const MARK = 8.5;
    private const STACK = 3;

    /** A shorter time than this is not stretched. */
    private const MIN_DAYS = 28;

    public float $width;

    public float $height;

    /** Where the names of the months stand. */
    public float $foot;

    /** @var list<array{name: string, line: float, band: string}> the highest rung first */
    public array $rungs;

    /** @var list<array{name: string, path: string, text: float}> where months begin */
    public array $months;

    /** @var list<array{x: float, y: float, shape: string, text: string}> the newest first */
    public array $marks;

    private CarbonImmutable $from;

    /**
     * @param Collection<int, stdClass> $reps   rows of the log, the newest first
     * @param array<int, string>        $titles of the attacks, by the id of the row
     */
    public function __construct(Collection $reps, private array $titles, Ladder $ladder, private CarbonImmutable $at)
    {
        $this->width = self::WIDTH;
        $this->height = count($ladder->rungs) * self::BAND + self::FOOT;
        $oldest = $reps->last();
        $first = $oldest === null ? $at : CarbonImmutable::parse($oldest->at);
        $this->from = $first->min($at->subDays(self::MIN_DAYS))->startOfDay();
        $this->rungs = array_map(
            static fn (Rung $rung, int $place): array => [
                'name' => $rung->id.' '.$rung->name,
                'line' => $place * self::BAND + 17,
                'band' => sprintf('M%s %s H%s', self::LEFT, $place * self::BAND + 26, self::WIDTH),
            ],
            array_reverse($ladder->rungs),
            array_keys($ladder->rungs),
        );
        $this->foot = $this->height - 3;
        $this->months = $this->months();
        $this->marks = $this->marks($reps, count($ladder->rungs));
    }

    public function description(): string
    {
        return trans_choice('students.timeline.description', count($this->marks));
    }

    /** Whether there may be more reps than are shown. */
    public function isFull(): bool
    {
        return count($this->marks) === self::MAX;
    }

    /** @return list<array{name: string, path: string, text: float}> */
    private function months(): array
    {
        $months = [];
        for ($month = $this->from->startOfMonth()->addMonth(); $month < $this->at; $month = $month->addMonth()) {
            $x = $this->x($month);
            $months[] = [
                'name' => $month->format($month->month === 1 ? 'M Y' : 'M'),
                'path' => sprintf('M%s 0 V%s', $x, $this->height - 14),
                'text' => $x + 3,
            ];
        }

        return $months;
    }

    /**
     * @param Collection<int, stdClass> $reps
     *
     * @return list<array{x: float, y: float, shape: string, text: string}>
     */
    private function marks(Collection $reps, int $rungs): array
    {
        $marks = $taken = $days = $attacks = [];
        [$outcomes, $text] = [texts('proof.outcome-names'), texts('students.timeline')['mark']];
        $pile = static fn (stdClass $rep): string => substr($rep->at, 0, 10)." {$rep->rung}";
        $piles = array_count_values(array_map($pile, $reps->all()));
        foreach ($reps as $rep) {
            // Many are of one day, as the row begins, and of one attack.
            [$x, $day] = $days[substr($rep->at, 0, 10)] ??= $this->day(CarbonImmutable::parse($rep->at));
            $attack = $attacks["{$rep->attack_id} {$rep->side}"] ??= sided(
                $this->titles[$rep->attack_id],
                Side::from($rep->side),
            );
            $mistakes = $rep->mistakes === '[]' ? [] : json_decode($rep->mistakes, true);
            // Of many late ones marks lie closer, so that the last still lies within.
            $of = $pile($rep);
            $step = min(self::MARK, (self::WIDTH - self::MARK / 2 - $x) / max(1, intdiv($piles[$of] - 1, self::STACK)));
            $place = $taken[$of] = ($taken[$of] ?? -1) + 1;
            $marks[] = [
                'x' => round($x + intdiv($place, self::STACK) * $step, 1),
                'y' => ($rungs - $rep->rung) * self::BAND + 5.0 + ($place % self::STACK) * self::MARK,
                'shape' => $this->shape($rep),
                'text' => strtr($text, [
                    ':day' => $day,
                    ':attack' => $attack,
                    ':rung' => $rep->rung,
                    ':outcome' => $outcomes[$rep->outcome],
                ]).($mistakes === [] ? '' : ' ('.implode('; ', $mistakes).')'),
            ];
        }

        return $marks;
    }

    /** @return array{float, string} where a day begins, and what it is called */
    private function day(CarbonImmutable $at): array
    {
        return [$this->x($at->startOfDay()), $at->format('j M Y')];
    }

    private function shape(stdClass $rep): string
    {
        return match (true) {
            $rep->source === Source::Home->value => 'aside',
            default => match (Outcome::from($rep->outcome)) {
                Outcome::Clean => 'whole',
                Outcome::Scraped, Outcome::Recovered => 'half',
                Outcome::Late, Outcome::Hit, Outcome::Froze => 'none',
                Outcome::Stopped => 'aside',
            },
        };
    }

    private function x(CarbonImmutable $moment): float
    {
        $span = max(1, $this->at->getTimestamp() - $this->from->getTimestamp());
        $room = self::WIDTH - self::LEFT - 5 * self::MARK;

        return self::LEFT + max(0.0, min(1.0, ($moment->getTimestamp() - $this->from->getTimestamp()) / $span)) * $room;
    }
}
