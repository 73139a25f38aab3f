<?php

declare(strict_types=1);

namespace App\View\Settings;

use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Curriculum\FacetScope;

/** One facet in the form that says which of its values a school looks for. */
final readonly class ScopeRow
{
    /** @param array<string, bool> $values whether it is looked for, by value */
    private function __construct(public string $id, public string $name, public array $values) {}

    /** @return list<self> as they were typed last, where that was not taken */
    public static function all(FacetScope $scope): array
    {
        return array_map(
            static fn (Facet $facet): self => new self(
                $facet->value,
                say($facet->text()),
                array_combine(
                    $facet->values(),
                    array_map(
                        static fn (string $value): bool => in_array(
                            $value,
                            ticked("scope.{$facet->value}", $scope->within($facet, $facet->values()), beside: 'scope'),
                            true,
                        ),
                        $facet->values(),
                    ),
                ),
            ),
            Facet::cases(),
        );
    }
}
