<?php

declare(strict_types=1);

namespace App\View\Board;

use StoneDrill\Core\Proof\ProofState;

/** One line of the board: how everybody stands on one side of one attack, as so few shapes as there are states. */
final readonly class BoardRow
{
    /** Width and height of a place, in pixels. */
    public const PLACE = 24;

    /**
     * @var list<array{state: string, path: string, places: string, signs: string}> a shape and signs for each state
     *     that somebody is in
     */
    public array $shapes;

    /** Who is how, in words. */
    public string $text;

    /** @var array<string, string> names of the students by the state that they are in */
    public array $names;

    /**
     * @param string            $attack its code
     * @param list<?ProofState> $states of the students in their order; null where it is not needed
     * @param list<string>      $names  of the students in their order
     */
    public function __construct(
        public string $attack,
        public string $title,
        public string $family,
        array $states,
        array $names,
    ) {
        [$shapes, $texts, $byState] = [[], [], []];
        foreach (ProofState::cases() as $state) {
            $at = array_keys($states, $state, true);
            if ($at === []) {
                continue;
            }
            $shapes[] = [
                'state' => $state->value,
                'path' => implode(
                    '',
                    array_map(
                        static fn (int $place): string => sprintf('M%d 2h20v20h-20z', self::PLACE * $place + 2),
                        $at,
                    ),
                ),
                'places' => implode(
                    ' ',
                    array_map(static fn (int $place): string => (string) (self::PLACE * $place + self::PLACE / 2), $at),
                ),
                'signs' => str_repeat($state->sign(), count($at)),
            ];
            $byState[$state->value] = implode(', ', array_map(static fn (int $place): string => $names[$place], $at));
            $texts[] = __('proof.states.'.$state->value).': '.$byState[$state->value];
        }
        $this->shapes = $shapes;
        $this->names = $byState;
        $this->text = implode('; ', $texts);
    }
}
