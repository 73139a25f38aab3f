<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\VersionRequest;
use App\Models\Answer;
use App\Models\AnswerVersion;
use App\Models\Rank;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Brings an earlier version of an answer back, as a new one. */
final readonly class VersionController
{
    public function __invoke(
        VersionRequest $request,
        #[CurrentUser]
        User $user,
        Answer $answer,
        int $version,
    ): RedirectResponse {
        $earlier = $answer->versions()->where('version', $version)->firstOrFail();
        if ($this->isWithoutRank($earlier, $answer)) {
            return redirect()->route('answers.show', $answer)->with('error', __('messages.version-without-rank'));
        }
        $title = $earlier->content['title'];
        if ($answer->school->answers()->where('title', $title)->whereKeyNot($answer->id)->exists()) {
            return redirect()
                ->route('answers.show', $answer)
                ->with('error', __('messages.title-taken-now', ['title' => $title]));
        }
        $saved = $answer->updateVersion($request->integer('version'), $earlier->content, $user);

        return redirect()
            ->route('answers.show', $answer)
            ->with(
                ...$saved
                    ? ['status', __('messages.version-back', ['version' => $version])]
                    : ['error', __('messages.saved-in-between')],
            );
    }

    private function isWithoutRank(AnswerVersion $earlier, Answer $answer): bool
    {
        $ranks = $answer->school->ranks->map(static fn (Rank $rank): int => $rank->id);

        return ! $ranks->contains($earlier->content['rank_id'])
            || ($earlier->content['short_rank_id'] !== null && ! $ranks->contains($earlier->content['short_rank_id']));
    }
}
