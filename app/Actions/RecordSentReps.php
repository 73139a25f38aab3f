<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Requests\RepRequest;
use App\Models\School;
use App\Models\User;
use App\Watch\Counters;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Validator;

/**
 * Takes reps that were sent many at once, each by itself, and says of each by its id whether it is kept, or why not.
 */
final readonly class RecordSentReps
{
    public function __construct(private School $school) {}

    /**
     * @param list<array<string, mixed>>                     $reps as {@see \App\Http\Requests\MatRepsRequest::reps()}
     *     has them
     * @param callable(array<string, mixed>): ?User $by   who recorded one
     *
     * @return array{kept: list<string>, refused: list<array<string, mixed>>}
     */
    public function record(array $reps, callable $by): array
    {
        $rules = RepRequest::of($this->school);
        $kept = $refused = [];
        foreach ($reps as $rep) {
            $validator = Validator::make($rep, $rules, RepRequest::texts());
            if ($validator->fails()) {
                $refused[] = [
                    'id' => $rep['sent'],
                    'why' => (string) $validator->errors()->first(),
                    'field' => (string) $validator->errors()->keys()[0],
                ];

                continue;
            }
            $result = (new RecordReps($this->school, $by($rep)))->record($validator->validated());
            if ($result->stored) {
                Counters::rep(
                    CarbonImmutable::now()->getTimestamp()
                        - CarbonImmutable::parse($rep['at'] ?? 'now')->getTimestamp(),
                );
                $kept[] = $rep['sent'];
            } else {
                $refused[] = [
                    'id' => $rep['sent'],
                    'why' => $result->why,
                    'field' => 'id',
                    'stored' => $result->other?->only('id', 'rung', 'outcome'),
                ];
            }
        }

        return ['kept' => $kept, 'refused' => $refused];
    }
}
