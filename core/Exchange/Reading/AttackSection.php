<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Briefing;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Need;
use StoneDrill\Core\Attack\Recoil;
use StoneDrill\Core\Technique\Notation\Nearest;
use StoneDrill\Core\Text;

/** Reads `attacks`. */
final readonly class AttackSection
{
    private const NO_RANK = 'none';

    private Feasibility $feasibility;

    /** @param array<array-key, mixed> $ranks by id */
    public function __construct(private Kinds $kinds, private array $ranks)
    {
        $this->feasibility = new Feasibility();
    }

    /** @return list<Attack> */
    public function read(Fields $file): array
    {
        $facets = array_map(static fn (Facet $facet): string => $facet->value, Facet::cases());
        $known = [
            'id',
            'title',
            'kind',
            ...$facets,
            'needed_by',
            'needed_by_youth',
            'prevalence',
            'critical',
            'recoil',
            'notes',
            'cautions',
        ];
        $attacks = [];
        foreach ($file->maps('attacks', $known) as $in) {
            $attack = $this->attack($in);
            if ($attack !== null) {
                $attacks[] = $attack;
            }
        }

        return $attacks;
    }

    private function attack(Fields $in): ?Attack
    {
        $id = $in->id();
        $title = $in->text('title');
        $kind = $this->kind($in);
        $facets = $this->facets($in);
        $neededBy = $this->rank($in, 'needed_by');
        $neededByYouth = $in->has('needed_by_youth') ? $this->rank($in, 'needed_by_youth') : $neededBy;
        $prevalence = $in->wholeOr('prevalence', 3, 1, 5);
        $critical = $in->truth('critical', false);
        $recoil = $in->has('recoil') ? $in->word('recoil', Recoil::class) : Recoil::LeftOut;
        $briefing = new Briefing($in->textOr('notes', ''), $in->texts('cautions'), $recoil);
        if ($kind !== '' && $facets !== null) {
            $this->refuseInfeasible($in, $this->kinds->get($kind), $facets);
        }

        return $in->isSound() && $facets !== null
            ? new Attack(
                $id,
                $title,
                $this->kinds->get($kind),
                $facets,
                new Need($neededBy, $neededByYouth, $critical),
                $prevalence,
                $briefing,
            )
            : null;
    }

    /** The kind of an attack; where it is not known but one is near, those of the near one's family are told. */
    private function kind(Fields $in): string
    {
        $value = $in->raw('kind');
        $near = is_string($value) && ! $this->kinds->has($value) ? Nearest::to($value, $this->kinds->ids()) : null;
        if ($near === null) {
            return $in->choice('kind', $this->kinds->ids());
        }
        $family = array_filter(
            $this->kinds->all(),
            fn (Kind $kind): bool => $kind->family === $this->kinds->get($near)->family,
        );
        $in->report(
            'kind',
            Text::of('file.word', ['word' => $value]),
            Text::of('file.one-of', [
                'words' => array_values(array_map(static fn (Kind $kind): string => $kind->id, $family)),
            ]),
            $near,
        );

        return '';
    }

    private function facets(Fields $in): ?Facets
    {
        $values = [];
        foreach (Facet::cases() as $facet) {
            $values[$facet->value] = $facet->default() !== null && ! $in->has($facet->value)
                ? $facet->default()
                : $in->choice($facet->value, $facet->values());
        }

        return in_array('', $values, true) ? null : Facets::of($values);
    }

    private function refuseInfeasible(Fields $in, Kind $kind, Facets $facets): void
    {
        foreach ($this->feasibility->refusals($kind, $facets) as $refusal) {
            $in->report(
                $refusal->facet->value,
                Text::of('file.word', ['word' => $refusal->value]),
                Text::of('file.feasible', [
                    'kind' => $kind->id,
                    'allowed' => $refusal->allowed === [] ? Text::of('file.nothing') : $refusal->allowed,
                ]),
            );
        }
    }

    private function rank(Fields $in, string $key): ?string
    {
        return $in->raw($key) === self::NO_RANK && ! array_key_exists(self::NO_RANK, $this->ranks)
            ? null
            : $in->reference($key, $this->ranks, Text::of('file.rank-id-or-none'));
    }
}
