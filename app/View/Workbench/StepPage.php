<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\View\Floor\FieldPicture;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Floor\FirstSteps;
use StoneDrill\Core\Floor\Simulation;
use StoneDrill\Core\Floor\StepField;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Notation\Printer;

/** Where to step in one beat of an answer. */
final readonly class StepPage
{
    public FieldPicture $picture;

    private StepField $field;

    /** Position of the beat from 0. */
    public int $at;

    /** The strike that is asked for, as it is written; empty where it cannot be read. */
    public string $strike;

    /** @var array<int, string> beats that can be chosen, by their number */
    public array $beats;

    /**
     * @param string $beat   number of the beat; the first one where there is none such
     * @param string $strike as it is written
     */
    public function __construct(
        Catalogue $catalogue,
        Meeting $meeting,
        string $beat,
        string $strike,
    ) {
        [$attack, $settings] = [$meeting->attack, $meeting->settings];
        $beats = $meeting->isMirrored ? $meeting->answer->beats->mirror() : $meeting->answer->beats;
        $printer = new Printer($catalogue->school->vocabulary());
        $this->beats = array_combine(
            range(1, count($beats->line)),
            array_map(static fn ($one): string => $printer->beat($one), $beats->line),
        );
        $this->at = isset($this->beats[(int) $beat]) ? (int) $beat - 1 : 0;
        $wanted = self::strike($catalogue, trim($strike));
        $this->strike = $wanted === null ? '' : $printer->action($wanted);
        $facets = $attack->on($settings->side);
        $standards = Standards::of($catalogue);
        $setting = $standards->setting($attack);
        $simulation = new Simulation($attack->kind, $facets, $settings->bodies, $setting);
        $this->field = $simulation->field($beats, $this->at, $wanted);
        $run = $meeting->run(new Examiner($standards));
        $line = [$run->start, ...$run->mainLine];
        $best = $this->at === 0 && $wanted !== null
            ? (new FirstSteps($attack->kind, $facets, $settings->bodies, $setting))->best($wanted)
            : [];
        $this->picture = new FieldPicture(
            $this->field,
            $line[$this->at],
            $line[$this->at + 1] ?? $run->end(),
            $best,
            $printer,
        );
    }

    /** Whether this is the beat, by its number. */
    public function isAt(int $number): bool
    {
        return $number - 1 === $this->at;
    }

    private static function strike(Catalogue $catalogue, string $text): ?Action
    {
        if ($text === '') {
            return FirstSteps::usualStrike();
        }
        try {
            $action = Beats::parse($text, $catalogue->school->vocabulary())->line[0]->actions[0];

            return $action->isStrike() ? $action : null;
        } catch (NotationException) {
            return null;
        }
    }

    /**
     * @return list<array{what: string, share: string}> how much of the field is what, the same facts without a picture
     */
    public function shares(): array
    {
        $counts = ['hit' => 0, 'reached' => 0, 'free' => 0, 'strikes' => 0];
        foreach (array_merge(...$this->field->cells) as $cell) {
            $counts[$cell->isHit ? 'hit' : ($cell->threats > 0 ? 'reached' : 'free')]++;
            $counts['strikes'] += $cell->strikes === true ? 1 : 0;
        }

        return array_map(
            static fn (string $what, int $count): array => [
                'what' => __("floor.field.areas.{$what}"),
                'share' => __('floor.field.share', ['percent' => (int) round((100 * $count) / StepField::CELLS ** 2)]),
            ],
            array_keys($counts),
            $counts,
        );
    }
}
