<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Text;

/**
 * After how many days half of what a try says is gone, fitted to pairs of tries that followed each other: the same
 * person, attack, side and rung.
 *
 * After a try of credit y the next one, d days later, is clean with the chance m + ρ (y − m) 2^(−d ÷ h): m is the mean
 * of its rung, ρ how alike two tries of one day are, h the half-life. Maximum likelihood over h, with the best ρ for
 * each; the interval has all h whose likelihood is not worse than chance explains (profile likelihood, 95 %). A
 * planning estimate.
 */
final readonly class HalfLifeFit
{
    /** Days between which it is looked for. */
    public const SHORTEST = 7.0;
    public const LONGEST = 365.0;

    /** Fewer pairs than this say nothing. */
    private const LEAST = 30;

    /** Places at which it is looked for, evenly by their logarithm. */
    private const PLACES = 120;

    /** Half of the 95 % quantile of chi-square with one degree. */
    private const WORSE = 1.9207294;

    private const DAY = 86_400;

    /** As alike as two tries can be at most: the likelihood has an end there. */
    private const MOST_ALIKE = 0.98;

    private function __construct(public float $days, public float $low, public float $high, public int $pairs) {}

    /**
     * Null where there are too few pairs, or all went alike.
     *
     * @param list<Rep> $reps counted ones that nothing replaces, the latest last
     */
    public static function of(array $reps, ProofRules $rules = new ProofRules()): ?self
    {
        [$pairs, $count] = self::pairs($reps, $rules);
        if ($count < self::LEAST) {
            return null;
        }
        $fits = [];
        $alike = 0.5;
        for ($place = 0; $place < self::PLACES; $place++) {
            $days = self::SHORTEST * (self::LONGEST / self::SHORTEST) ** ($place / (self::PLACES - 1));
            // The top moves little from one place to the next.
            [$likelihood, $alike] = self::likelihood($pairs, $days, $alike);
            $fits[] = [$days, $likelihood];
        }
        $best = max(array_column($fits, 1));
        $near = array_values(array_filter($fits, static fn (array $fit): bool => $fit[1] >= $best - self::WORSE));

        return new self(
            $fits[(int) array_search($best, array_column($fits, 1), true)][0],
            $near[0][0],
            $near[count($near) - 1][0],
            $count,
        );
    }

    /** Whether the whole range is as likely: then it says nothing of how fast proof fades. */
    public function isOpen(): bool
    {
        return $this->isOpenBelow() && $this->isOpenAbove();
    }

    /**
     * @return array{low: Text, high: Text} from how many days to how many; where nothing farther is looked for, it says
     *     so
     */
    public function ends(): array
    {
        return [
            'low' => self::end($this->isOpenBelow() ? 'or-less' : 'days', $this->low),
            'high' => self::end($this->isOpenAbove() ? 'or-more' : 'days', $this->high),
        ];
    }

    private static function end(string $as, float $days): Text
    {
        return Text::of("evidence.half-life.{$as}", ['days' => (int) round($days)]);
    }

    private function isOpenBelow(): bool
    {
        return $this->low <= self::SHORTEST;
    }

    private function isOpenAbove(): bool
    {
        return $this->high >= self::LONGEST;
    }

    /**
     * @param list<Rep> $reps
     *
     * @return array{list<array{int, float, float, float, int}>, int} days apart, the first one's difference from the
     *     mean, the second one's credit, the mean, how often; and how many in all
     */
    private static function pairs(array $reps, ProofRules $rules): array
    {
        $sums = $last = [];
        foreach ($reps as $rep) {
            $sums[$rep->rung] ??= [0.0, 0];
            $sums[$rep->rung][0] += self::credit($rep, $rules);
            $sums[$rep->rung][1]++;
        }
        $pairs = [];
        $count = 0;
        foreach ($reps as $rep) {
            $cell = "{$rep->student}\n{$rep->attack}\n".($rep->side === Side::Mirrored ? 1 : 0)."\n{$rep->rung}";
            $mean = $sums[$rep->rung][0] / $sums[$rep->rung][1];
            $before = $last[$cell] ?? null;
            $last[$cell] = $rep;
            if ($before === null || $mean <= 0.0 || $mean >= 1.0) {
                continue;
            }
            $days = intdiv($rep->at->getTimestamp() - $before->at->getTimestamp(), self::DAY);
            [$first, $second] = [self::credit($before, $rules), self::credit($rep, $rules)];
            $key = "{$days} {$first} {$second} {$rep->rung}";
            $pairs[$key] ??= [$days, $first - $mean, $second, $mean, 0];
            $pairs[$key][4]++;
            $count++;
        }

        return [array_values($pairs), $count];
    }

    private static function credit(Rep $rep, ProofRules $rules): float
    {
        return $rules->credit($rep->outcome, $rep->details->touched) ?? 0.0;
    }

    /**
     * The largest logarithm of the likelihood at one half-life, over how alike tries are: it has one top, which
     * Newton's steps climb.
     *
     * @param list<array{int, float, float, float, int}> $pairs
     * @param float                                      $alike where the climb begins
     *
     * @return array{float, float} it, and how alike tries are there
     */
    private static function likelihood(array $pairs, float $halfLife, float $alike): array
    {
        $slopes = array_map(static fn (array $pair): float => $pair[1] * 2 ** (-$pair[0] / $halfLife), $pairs);
        for ($round = 0; $round < 12; $round++) {
            $rise = $bend = 0.0;
            foreach ($pairs as $place => [, , $second, $mean, $times]) {
                $chance = $mean + $alike * $slopes[$place];
                $rise += $times * $slopes[$place] * ($second / $chance - (1 - $second) / (1 - $chance));
                $bend += $times * $slopes[$place] ** 2 * ($second / $chance ** 2 + (1 - $second) / (1 - $chance) ** 2);
            }
            if ($bend === 0.0) {
                break;
            }
            $next = max(0.0, min(self::MOST_ALIKE, $alike + $rise / $bend));
            if (abs($next - $alike) < 1e-9) {
                break;
            }
            $alike = $next;
        }
        $sum = 0.0;
        foreach ($pairs as $place => [, , $second, $mean, $times]) {
            $chance = $mean + $alike * $slopes[$place];
            $sum += $times * ($second * log($chance) + (1 - $second) * log(1 - $chance));
        }

        return [$sum, $alike];
    }
}
