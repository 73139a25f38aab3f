<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\View\Floor\SituationView;
use App\View\Forms\BeatsCheck;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Notation\Vocabulary;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/** What the workbench shows of an answer that is being written. */
final readonly class Draft
{
    /** @var list<string> words that the editor completes */
    public array $words;

    /** @param list<Rung> $rungs */
    public function __construct(
        public int $attackId,
        public BeatsCheck $check,
        public ?Bench $bench,
        public BenchSettings $settings,
        public bool $isSymmetric,
        public array $rungs,
        public SituationView $situation,
        Vocabulary $vocabulary,
    ) {
        $limbs = array_map(static fn (Limb $limb): string => $limb->value, Limb::cases());
        $phrases = array_merge(...array_map($vocabulary->phrases(...), [Verb::class, Strike::class, Target::class, Effect::class]));
        $this->words = array_values(array_unique([...$limbs, ...$phrases, 'short', 'long', 'facing', 'and', 'toward thumb', 'toward fingers', 'if not:', 'if far:', 'if near:', 'if gets up:', 'if second attack:', 'go on', 'go to']));
    }
}
