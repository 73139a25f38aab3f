<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

/** What people say where the notation has another word. */
final readonly class Spoken
{
    private const WORDS = [
        // what a limb does
        'grab' => 'clamp',
        'hold' => 'clamp',
        'grip' => 'clamp',
        'seize' => 'clamp',
        'catch' => 'clamp',
        'trap' => 'press',
        'check' => 'block',
        'deflect' => 'parry',
        'push' => 'shove',
        'tear' => 'strip',
        'rip' => 'strip',
        'break' => 'strip',
        'twist' => 'lock',
        'choke' => 'choke hold',
        'trip' => 'sweep',
        'reap' => 'sweep',
        'release' => 'let go',
        'shout' => 'say',
        'duck' => 'drop',
        'crouch' => 'drop',
        'sprawl' => 'drop',
        'turn' => 'pivot',
        'jump' => 'hop',
        'exit' => 'leave',
        'run' => 'leave',
        'escape' => 'leave',
        // strikes
        'jab' => 'punch',
        'cross' => 'punch',
        'uppercut' => 'punch',
        'hook' => 'punch',
        'fist' => 'punch',
        'haymaker' => 'punch',
        'ridge' => 'edge',
        'ridge hand' => 'edge',
        'chop' => 'edge',
        'heel palm' => 'palm',
        'palm heel' => 'palm',
        'heel' => 'palm',
        'slap' => 'palm',
        'headbutt' => 'head',
        'butt' => 'head',
        'roundhouse' => 'round kick',
        'roundhouse kick' => 'round kick',
        'kick' => 'front kick',
        'push kick' => 'front kick',
        'poke' => 'fingertips',
        'spear' => 'fingertips',
        // where
        'face' => 'nose',
        'jaw' => 'chin',
        'ear' => 'temple',
        'head' => 'temple',
        'forehead' => 'temple',
        'stomach' => 'belly',
        'gut' => 'belly',
        'crotch' => 'groin',
        'foot' => 'instep',
        'toes' => 'instep',
        'liver' => 'ribs',
        'body' => 'ribs',
        'windpipe' => 'throat',
        'nape' => 'back of head',
        'arm' => 'forearm',
        'biceps' => 'upper arm',
        'thumb' => 'fingers',
        'finger' => 'fingers',
        'waist' => 'hips',
        // what it does to the attacker
        'stunned' => 'rocked',
        'dazed' => 'rocked',
        'pushed back' => 'driven back',
        'knocked back' => 'driven back',
        'bent' => 'folded',
        'bent over' => 'folded',
        'free' => 'released',
        'down' => 'dropped',
        'fallen' => 'dropped',
        'on the ground' => 'dropped',
        'spun' => 'turned',
    ];

    /**
     * What to write for what is said, where that can stand here.
     *
     * @param list<string> $known words that can
     */
    public static function write(string $said, array $known): ?string
    {
        $word = self::WORDS[mb_strtolower($said)] ?? null;

        return $word !== null && in_array($word, $known, true) ? $word : null;
    }
}
