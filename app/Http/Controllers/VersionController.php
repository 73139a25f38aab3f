<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Answer;
use App\Models\AnswerVersion;
use App\Models\Rank;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Brings an earlier version of an answer back, as a new one. */
final readonly class VersionController
{
    public function __invoke(Request $request, Answer $answer, int $version): RedirectResponse
    {
        $earlier = $answer->versions()->where('version', $version)->firstOrFail();
        $request->validate(['version' => ['required', 'integer']]);
        if ($this->isWithoutRank($earlier, $answer)) {
            return redirect()->route('answers.show', $answer)->with('wrong', 'That version belongs to a rank that is gone. Nothing was changed.');
        }
        $title = $earlier->content['title'];
        if ($answer->school->answers()->where('title', $title)->whereKeyNot($answer->id)->exists()) {
            return redirect()->route('answers.show', $answer)->with('wrong', "Another answer is called “{$title}” now. Rename that one first; nothing was changed.");
        }
        $saved = $answer->updateVersion($request->integer('version'), $earlier->content, $request->user());

        return redirect()->route('answers.show', $answer)->with(...($saved
            ? ['said', "Version {$version} is back, as the newest one. The one before is kept too."]
            : ['wrong', 'Somebody saved this answer in between. Nothing was changed; look at it again.']));
    }

    private function isWithoutRank(AnswerVersion $earlier, Answer $answer): bool
    {
        $ranks = $answer->school->ranks->map(static fn (Rank $rank): int => $rank->id);

        return ! $ranks->contains($earlier->content['rank_id']) || ($earlier->content['short_rank_id'] !== null && ! $ranks->contains($earlier->content['short_rank_id']));
    }
}
