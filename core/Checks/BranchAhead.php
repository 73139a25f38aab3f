<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\GoToAnswer;

/** Running on into what is not known yet. */
final readonly class BranchAhead implements Check
{
    public function rule(): Rule
    {
        return new Rule('branch-ahead', Severity::Warn, 'goes to an answer of a higher rank');
    }

    public function find(Trial $trial): iterable
    {
        $own = $trial->standards->position($trial->answer->rank);
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->beat->branches ?? [] as $branch) {
                $other = $branch->body instanceof GoToAnswer ? $trial->standards->answerTitled($branch->body->title) : null;
                if ($other !== null && $trial->standards->position($other->rank) > $own) {
                    yield $this->rule()->at($frame, sprintf('Goes to “%s”, which comes only at %s.', $other->title, $trial->standards->rank($other->rank)->name), 'Go to an answer known by then, or write the beats out.');
                }
            }
        }
    }
}
