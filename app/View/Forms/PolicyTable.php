<?php

declare(strict_types=1);

namespace App\View\Forms;

use App\Models\Rank;
use Illuminate\Database\Eloquent\Collection;
use StoneDrill\Core\Curriculum\ContactPolicy;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Curriculum\School;
use StoneDrill\Core\Curriculum\Student;

/**
 * A contact policy as a table: for each hazard, for everybody and for those under an age, below which rank it is not
 * taught, stopped short, or done with pads.
 */
final readonly class PolicyTable
{
    /** What stands for everybody, whatever their age. */
    public const EVERYBODY = 'all';

    /** What stands for every rank. */
    public const ALWAYS = 'always';

    /** Levels that can be asked for, the strictest first. */
    public const LEVELS = [PolicyLevel::NotTaught, PolicyLevel::StopShort, PolicyLevel::Pads];

    /** @var list<string> `all`, then the ages below which something is said, as they are typed */
    public array $ages;

    /**
     * @var array<string, array<array-key, array<string, string>>> code of the rank or `always`, by hazard, age and
     *     level
     */
    private array $limits;

    /** @param Collection<int, Rank> $ranks lowest first */
    public function __construct(private School $school, private Collection $ranks)
    {
        $order = array_flip($this->codes());
        $ages = [Student::YOUTH];
        $limits = [];
        foreach (ContactPolicy::of($school, $this->codes())->rows as $row) {
            $age = $row->under === null ? self::EVERYBODY : (string) $row->under;
            $row->under !== null && ($ages[] = $row->under);
            $before = $limits[$row->hazard->value][$age][$row->level->value] ?? null;
            if (
                $before === null
                || $row->rank === null
                || ($before !== self::ALWAYS && $order[$row->rank] > $order[$before])
            ) {
                $limits[$row->hazard->value][$age][$row->level->value] = $row->rank ?? self::ALWAYS;
            }
        }
        $ages = array_unique($ages);
        rsort($ages);
        $this->ages = [self::EVERYBODY, ...array_map(strval(...), $ages)];
        $this->limits = $limits;
    }

    /** @return list<Hazard> */
    public function hazards(): array
    {
        return Hazard::cases();
    }

    /** What is chosen: a rank's code, `always`, or nothing. */
    public function limit(Hazard $hazard, string $age, PolicyLevel $level): string
    {
        $typed = old("policy.{$hazard->value}.{$age}.{$level->value}");

        return is_string($typed) ? $typed : $this->limits[$hazard->value][$age][$level->value] ?? '';
    }

    /** @return array<string, string> what can be chosen, by what it is typed as */
    public function options(): array
    {
        $below = $this->ranks
            ->slice(1)
            ->mapWithKeys(
                static fn (Rank $rank): array => [
                    $rank->code => __('beginning.contact.below', ['rank' => $rank->name]),
                ],
            );

        return ['' => __('beginning.contact.no'), ...$below->all(), self::ALWAYS => __('beginning.contact.always')];
    }

    /** What holds for a hazard and an age, in words, from the lowest rank to the highest. */
    public function inWords(Hazard $hazard, string $age): string
    {
        $policy = ContactPolicy::of($this->school, $this->codes());
        $parts = [];
        $last = null;
        foreach ($this->ranks as $rank) {
            $level = $policy->level($hazard, $rank->code, $age === self::EVERYBODY ? null : (int) $age - 1);
            if ($level !== $last) {
                $parts[] = __('beginning.contact.'.($last === null ? 'first' : 'from'), [
                    'level' => __("beginning.contact.levels.{$level->value}"),
                    'rank' => $rank->name,
                ]);
            }
            $last = $level;
        }

        return implode(', ', $parts);
    }

    /**
     * The policy that a table says; null where it is what holds without one.
     *
     * @param array<string, array<string, array<string, ?string>>> $limits as they are sent
     *
     * @return list<array<string, mixed>>|null as a school keeps it
     */
    public function rows(array $limits): ?array
    {
        $rows = [];
        foreach (Hazard::cases() as $hazard) {
            foreach ($this->ages as $age) {
                foreach (self::LEVELS as $level) {
                    $limit = $limits[$hazard->value][$age][$level->value] ?? '';
                    if ($limit !== '') {
                        $rows[] = new PolicyRow(
                            $hazard,
                            $age === self::EVERYBODY ? null : (int) $age,
                            $limit === self::ALWAYS ? null : $limit,
                            $level,
                        );
                    }
                }
            }
        }
        $usual = ContactPolicy::of(new School('', $this->school->doctrine), $this->codes())->rows;
        if (self::asSet($rows) === self::asSet($usual)) {
            return null;
        }

        return array_map(
            static fn (PolicyRow $row): array => [
                'hazard' => $row->hazard->value,
                'under' => $row->under,
                'rank' => $row->rank,
                'level' => $row->level->value,
            ],
            $rows,
        );
    }

    /** @return list<string> */
    private function codes(): array
    {
        return array_values($this->ranks->pluck('code')->all());
    }

    /**
     * @param list<PolicyRow> $rows
     *
     * @return list<string>
     */
    private static function asSet(array $rows): array
    {
        $set = array_map(
            static fn (
                PolicyRow $row,
            ): string => "{$row->hazard->value} {$row->under} {$row->rank} {$row->level->value}",
            $rows,
        );
        sort($set);

        return array_values(array_unique($set));
    }
}
