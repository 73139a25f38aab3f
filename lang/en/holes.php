<?php

declare(strict_types=1);

// Why something is a hole.

return [
    'open' => ':attack is needed by :rank, and no {answer} that works meets it.',
    'late' => ':attack is needed by :rank, but its first {answer} comes at :later.',
    'one-sided' => ':attack is needed by :rank, but only its other side is taught.',
    'one-sided-late' => ':attack is needed by :rank like its other side, but its first {answer} comes at :later.',
    'weak' => [
        'fails' => ':attack: :answers fails, at beat :beat: :message',
        'barred' => ':attack: :answers does something that is not taught there, at beat :beat: :message',
        'no way out' => ':attack: :answers ends where the attacker still reaches, at beat :beat: :message',
        'size-bound' => ':attack: :answers fails for a smaller defender against a larger attacker, at beat :beat: :message',
        'early-only' => ':attack: :answers comes too late at {rung} :rung, and no {answer} works after the {attack} has landed. :message',
        'no what-if' => ':attack: :answers depends on the effect of beat :beat, and nothing is ready for when it does not come. :message',
    ],
    'answers' => '“:answer”, its only {answer} by :rank,|each of its :count {answers} by :rank',
    'unproven' => ':attack is held at {rung} :rung by :now % of :rank; the school wants :wanted %.',
    'fading' => ':attack is held at {rung} :rung by :now % of :rank now, and by :then % in 30 days if nobody drills it.',
    'attack' => '“:attack”',
    'attack-written' => '“:attack” (as written)',
    'attack-mirrored' => '“:attack” (mirrored)',
    'uncatalogued' => 'The catalogue has no “:kind” with :facet :value.',
    // What a hole is called where its weight is set.
    'kinds' => [
        'open' => 'open: no {answer}',
        'fails' => 'fails: no {answer} works',
        'barred' => 'barred: not taught by the contact policy',
        'no way out' => 'no way out: ends within reach',
        'late' => 'late: answered at a later {rank}',
        'one-sided' => 'one-sided: only the other side is taught',
        'size-bound' => 'size-bound: fails for a smaller defender',
        'early-only' => 'early-only: too late for its {rung}',
        'unproven' => 'unproven: too few of the {rank} hold it',
        'no what-if' => 'no what-if: nothing ready if an effect fails',
        'fading' => 'fading: too few will hold it in 30 days',
        'uncatalogued' => 'uncatalogued: no {attack} has the value',
    ],
];
