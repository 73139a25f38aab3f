<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Http\Request;

/** Has a page that most reps change nothing of, and knows before it is drawn whether they did. */
interface KnowsWhatItShows
{
    /**
     * @return ?string what the page shows of reps: another name as soon as it shows anything else of them; null where
     *     any of them may change it
     */
    public function shows(Request $request, User $user): ?string;
}
