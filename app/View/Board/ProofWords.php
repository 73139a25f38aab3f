<?php

declare(strict_types=1);

namespace App\View\Board;

use StoneDrill\Core\Proof\ProofState;

/** Says what is proven. Each form of the sentence is looked up once: a kit has thousands of them. */
final class ProofWords
{
    /** @var array<string, string> sentences with a place for their bound, by all else that is in them */
    private array $forms = [];

    public function of(ProofLine $line): string
    {
        $form = $this->forms["{$line->state->value} {$line->rung} {$line->count}"] ??= self::form($line);

        return strtr($form, [':lower' => number_format($line->lower, 2)])
            .($line->fadesOn === null ? '' : __('proof.fades', ['day' => $line->fadesOn->format('j M')]));
    }

    private static function form(ProofLine $line): string
    {
        return $line->state === ProofState::Untried
            ? __('proof.untried-at', ['rung' => $line->rung])
            : trans_choice('proof.line', $line->count, [
                'state' => __('proof.states.'.$line->state->value),
                'rung' => $line->rung,
                'lower' => ':lower',
            ]);
    }
}
