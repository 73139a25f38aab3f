<?php

declare(strict_types=1);

namespace App\Persistence;

/** What an import added, changed and left as it was. */
final class ImportReport
{
    /** @var array<string, array{added: int, changed: int, same: int}> by section */
    private array $sections = [];

    public function __construct(private readonly ?Progress $progress = null) {}

    public function count(string $section, bool $existed, bool $differs): void
    {
        $this->sections[$section] ??= ['added' => 0, 'changed' => 0, 'same' => 0];
        $this->sections[$section][
            match (true) {
                ! $existed => 'added',
                $differs => 'changed',
                default => 'same',
            }
        ]++;
        $this->progress?->add(1);
    }

    public function add(string $section, int $added, int $same): void
    {
        $this->sections[$section] ??= ['added' => 0, 'changed' => 0, 'same' => 0];
        $this->sections[$section]['added'] += $added;
        $this->sections[$section]['same'] += $same;
        $this->progress?->add($added + $same);
    }

    /** @return array<string, array<string, int>> how many of a section are new and changed, where there are any */
    public function changes(): array
    {
        return array_filter(
            array_map(
                static fn (array $counts): array => array_filter([
                    'added' => $counts['added'],
                    'changed' => $counts['changed'],
                ]),
                $this->sections,
            ),
        );
    }

    /** @return array<string, array{added: int, changed: int, same: int}> */
    public function sections(): array
    {
        return $this->sections;
    }
}
