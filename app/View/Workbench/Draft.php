<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\View\Floor\SituationView;
use App\View\Forms\BeatsCheck;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\Happening;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Notation\Vocabulary;
use StoneDrill\Core\Technique\Reading;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/** What the workbench shows of an answer that is being written. */
final readonly class Draft
{
    /** What stands between the words of the vocabulary. */
    private const LINKS = [
        'short',
        'long',
        'facing',
        'and',
        'or',
        'toward thumb',
        'toward fingers',
        'jumping',
        'spinning',
        'go behind left',
        'go behind right',
        'maybe:',
        'for '.Reading::YOUTH.':',
        'go on',
        'go to',
    ];

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
        private Vocabulary $vocabulary,
    ) {
        $limbs = array_map(static fn (Limb $limb): string => $limb->value, Limb::cases());
        $phrases = array_merge(
            ...array_map($vocabulary->phrases(...), [Verb::class, Strike::class, Target::class, Effect::class]),
        );
        $conditions = array_map(
            static fn (Happening $happening): string => "if $happening->value:",
            Happening::named(),
        );
        $this->words = array_values(
            array_unique([...$limbs, ...$phrases, ...$vocabulary->directions(), ...self::LINKS, ...$conditions]),
        );
    }

    /** The other side of what is written; empty where that cannot be read. */
    public function mirror(): string
    {
        return $this->check->beats?->mirror()->toText($this->vocabulary) ?? '';
    }
}
