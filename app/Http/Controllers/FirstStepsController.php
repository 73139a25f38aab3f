<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Attack;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\View\Floor\FirstStepText;
use App\View\Workbench\BenchSettings;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Floor\FirstStep;
use StoneDrill\Core\Floor\FirstSteps;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Notation\Printer;

/** The best first steps against an attack, for the bodies at hand and with a strike that still reaches. */
final readonly class FirstStepsController
{
    private const SHOWN = 6;

    public function __construct(private CatalogueMapper $mapper) {}

    public function __invoke(Request $request, #[CurrentUser] User $user, Attack $attack): View
    {
        $school = $user->school;
        $catalogue = $this->mapper->curriculum($school);
        $core = $catalogue->attack($attack->code);
        $settings = BenchSettings::of($request, $catalogue, $core);
        $wanted = is_string($request->input('strike')) ? trim($request->input('strike')) : '';
        $strike = $wanted === '' ? FirstSteps::usualStrike() : null;
        try {
            $strike ??= Beats::parse($wanted, $catalogue->school->vocabulary())->line[0]->actions[0];
        } catch (NotationException) {
        }
        if ($strike === null || ! $strike->isStrike()) {
            return view('workbench.first-steps', ['steps' => null, 'wanted' => $wanted]);
        }
        $printer = new Printer($catalogue->school->vocabulary());
        $steps = (new FirstSteps(
            $core->kind,
            $core->on($settings->side),
            $settings->bodies,
            Standards::of($catalogue)->setting($core),
        ))->best($strike);

        return view('workbench.first-steps', [
            'wanted' => $printer->action($strike),
            'steps' => array_map(
                static fn (FirstStep $step): array => [
                    'text' => $printer->action($step->action),
                    'facts' => FirstStepText::of($step),
                ],
                array_slice($steps, 0, self::SHOWN),
            ),
        ]);
    }
}
