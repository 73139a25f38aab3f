<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\VersionRequest;
use App\Http\Requests\WaiverRequest;
use App\Models\Answer;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Findings that a school accepts on an answer, each with its reason. */
final readonly class WaiverController
{
    public function store(WaiverRequest $request, #[CurrentUser] User $user, Answer $answer): RedirectResponse
    {
        $waiver = $request->waiver();

        $waived = [...$this->without($answer, $waiver['check'], $waiver['beat']), $waiver];

        return $this->save($answer, $request->integer('version'), $waived, $user, __('messages.accepted'));
    }

    public function destroy(
        VersionRequest $request,
        #[CurrentUser]
        User $user,
        Answer $answer,
        string $waiver,
    ): RedirectResponse {
        $waived = $this->without($answer, $waiver, (string) $request->string('beat'));

        return $this->save($answer, $request->integer('version'), $waived, $user, __('messages.no-longer-accepted'));
    }

    /** @return list<array<string, ?string>> what else is accepted */
    private function without(Answer $answer, string $check, string $beat): array
    {
        return array_values(
            array_filter(
                $answer->waived,
                static fn (array $old): bool => [$old['check'], (string) ($old['beat'] ?? '')] !== [$check, $beat],
            ),
        );
    }

    /** @param list<array<string, ?string>> $waived */
    private function save(Answer $answer, int $version, array $waived, User $by, string $status): RedirectResponse
    {
        $isSaved = $answer->updateVersion($version, ['waived' => $waived], $by);

        return redirect()
            ->route('answers.show', $answer)
            ->with(...$isSaved ? ['status', $status] : ['error', __('messages.saved-in-between')]);
    }
}
