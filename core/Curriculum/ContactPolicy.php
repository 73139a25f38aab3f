<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** How far a school lets a hazard go, below a rank or under an age. */
final readonly class ContactPolicy
{
    /** What is not taught under 16 where a school says nothing itself. */
    private const NOT_FOR_YOUTH = [
        Hazard::Choke, Hazard::Neck, Hazard::Throat, Hazard::Eyes, Hazard::Fingers, Hazard::Spine,
    ];

    /**
     * @param list<PolicyRow>    $rows
     * @param array<string, int> $order position by id of the rank
     */
    private function __construct(public array $rows, private array $order) {}

    /** @param list<string> $ranks ids, lowest first */
    public static function of(School $school, array $ranks): self
    {
        return new self($school->policy ?? self::usual($ranks), array_flip($ranks));
    }

    /**
     * The strictest level that applies.
     *
     * @param string $rank id
     * @param ?int   $age  years; null for a grown-up
     */
    public function level(Hazard $hazard, string $rank, ?int $age = null): PolicyLevel
    {
        $level = PolicyLevel::Free;
        foreach ($this->rows as $row) {
            if ($row->hazard === $hazard && $this->applies($row, $rank, $age)) {
                $level = $level->stricter($row->level);
            }
        }

        return $level;
    }

    /**
     * The rows as they are for those under 16: what is said of an age, whichever, is said of them.
     *
     * @return list<PolicyRow>
     */
    public function forYouth(): array
    {
        return array_map(
            static fn (PolicyRow $row): PolicyRow => new PolicyRow($row->hazard, null, $row->rank, $row->level),
            $this->rows,
        );
    }

    private function applies(PolicyRow $row, string $rank, ?int $age): bool
    {
        return ($row->under === null || ($age !== null && $age < $row->under))
            && ($row->rank === null || ($this->order[$rank] ?? PHP_INT_MAX) < ($this->order[$row->rank] ?? 0));
    }

    /**
     * @param list<string> $ranks
     *
     * @return list<PolicyRow>
     */
    private static function usual(array $ranks): array
    {
        $rows = array_map(
            static fn (Hazard $hazard): PolicyRow => new PolicyRow(
                $hazard,
                Student::YOUTH,
                null,
                PolicyLevel::NotTaught,
            ),
            self::NOT_FOR_YOUTH,
        );

        return isset($ranks[1])
            ? [...$rows, new PolicyRow(Hazard::Contact, null, $ranks[1], PolicyLevel::StopShort)]
            : $rows;
    }
}
