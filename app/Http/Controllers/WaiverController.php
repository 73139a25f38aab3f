<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Answer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Checks\Checks;

/** Findings that a school accepts on an answer, each with its reason. */
final readonly class WaiverController
{
    public function store(Request $request, Answer $answer): RedirectResponse
    {
        $waiver = $request->validate([
            'check' => ['required', Rule::in(Checks::names())],
            'beat' => ['required', 'string', 'max:20', 'regex:/^[1-9]\d*(\.[1-9]\d*)*$/'],
            'reason' => ['required', 'string', 'max:2000'],
            'version' => ['required', 'integer'],
        ], ['reason.required' => 'Say why this is accepted; the reason is kept.']);
        $waived = array_values(array_filter($answer->waived, static fn (array $old): bool => [$old['check'], $old['beat']] !== [$waiver['check'], $waiver['beat']]));

        return $this->save($request, $answer, [...$waived, ['check' => $waiver['check'], 'beat' => $waiver['beat'], 'reason' => trim($waiver['reason'])]], 'Accepted, with its reason.');
    }

    public function destroy(Request $request, Answer $answer): RedirectResponse
    {
        $request->validate(['check' => ['required', 'string'], 'version' => ['required', 'integer']]);
        $waived = array_values(array_filter($answer->waived, static fn (array $old): bool => [$old['check'], (string) ($old['beat'] ?? '')] !== [$request->input('check'), (string) $request->input('beat', '')]));

        return $this->save($request, $answer, $waived, 'The finding stands again.');
    }

    /** @param list<array<string, ?string>> $waived */
    private function save(Request $request, Answer $answer, array $waived, string $said): RedirectResponse
    {
        $saved = $answer->updateVersion($request->integer('version'), ['waived' => $waived], $request->user());

        return redirect()->route('answers.show', $answer)->with(...($saved ? ['said', $said] : ['wrong', 'Somebody saved this answer in between. Nothing was changed; look at it again.']));
    }
}
