<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\View\Floor\FloorPicture;
use App\View\Floor\Palette;
use App\View\Floor\ScorePicture;
use App\View\Floor\SidePicture;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Mender;
use StoneDrill\Core\Checks\Remedy;
use StoneDrill\Core\Checks\Score;
use StoneDrill\Core\Checks\Severity;
use StoneDrill\Core\Checks\Shortfall;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Waiver;
use StoneDrill\Core\Floor\Elastic;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Landing;
use StoneDrill\Core\Report\MadeMistake;
use StoneDrill\Core\Technique\Notation\Printer;
use StoneDrill\Core\Technique\Notation\Vocabulary;
use StoneDrill\Core\Text;

/** An answer on the floor: what is drawn, and what is said of every beat. */
final readonly class Bench
{
    public FloorPicture $picture;

    /** The same beats from the side, and in time. */
    public SidePicture $side;

    public ScorePicture $score;

    /** @var list<BenchBeat> the start, then every beat, branches after theirs */
    public array $beats;

    private function __construct(
        public Examination $examination,
        private Examiner $examiner,
        public BenchSettings $settings,
        private bool $isMirrored,
        private Vocabulary $vocabulary,
        private ?Mender $mender,
        Palette $palette,
    ) {
        $this->picture = FloorPicture::ofRun($examination->trial->run, $settings->style, $palette);
        $this->side = SidePicture::ofRun($examination->trial->run, $palette);
        $printer = new Printer($vocabulary);
        $this->score = new ScorePicture(Score::of($examination->trial), $palette, $printer);
        $beats = [];
        foreach ($this->picture->frames as $drawn) {
            $frame = $drawn->frame;
            $beats[] = new BenchBeat(
                $frame,
                $drawn->track,
                match (true) {
                    $frame->number === '0' => __('floor.the-start'),
                    $frame->beat === null => __('floor.attacker-goes-on'),
                    default => $printer->beat($frame->beat),
                },
                $this->findings($frame),
                $this->shortfalls($frame),
                $mender === null ? null : Elastic::written($examination->trial->answer->beats, $frame)?->toText(),
            );
        }
        $this->beats = $beats;
    }

    /** @param bool $withMends whether mends are tried and offered, for whoever is writing */
    public static function of(
        Catalogue $catalogue,
        Meeting $meeting,
        bool $withMends,
        Palette $palette = Palette::Slate,
    ): self {
        $examiner = new Examiner(Standards::of($catalogue));

        return new self(
            $meeting->examined($examiner),
            $examiner,
            $meeting->settings,
            $meeting->isMirrored,
            $catalogue->school->vocabulary(),
            $withMends ? new Mender($examiner, new Printer($catalogue->school->vocabulary())) : null,
            $palette,
        );
    }

    /** What the answer is seen against. */
    public function attack(): Attack
    {
        return $this->examination->trial->attack;
    }

    /** @return list<MistakeView> the usual mistakes, and what they break for these bodies */
    public function mistakes(): array
    {
        $printer = new Printer($this->vocabulary);
        $made = MadeMistake::of($this->examiner, $this->examination, $this->settings->side, $this->isMirrored);

        return array_map(
            fn (int $place, MadeMistake $one): MistakeView => new MistakeView(
                $one,
                $this,
                $printer,
                'mistake-'.($place + 1),
            ),
            array_keys($made),
            $made,
        );
    }

    /** Whether the answer works for these bodies, in a sentence. */
    public function works(): string
    {
        $failure = $this->examination->failure();

        return $failure === null
            ? __('floor.works')
            : __('floor.fails', ['beat' => $failure->beat, 'message' => say($failure->message)]);
    }

    /** How many findings there are of each severity, in words. */
    public function summary(): string
    {
        $counts = array_count_values(
            array_map(static fn (Finding $finding): string => $finding->severity->value, $this->examination->findings),
        );
        $words = [];
        foreach (Severity::cases() as $severity) {
            if (isset($counts[$severity->value])) {
                $words[] = trans_choice('words.severities.'.$severity->value, $counts[$severity->value]);
            }
        }

        return implode(', ', $words);
    }

    /** @return list<Waiver> what was accepted and is not found for these bodies */
    public function idleWaivers(): array
    {
        $used = array_column($this->examination->waived, 'waiver');

        return array_values(
            array_filter(
                $this->examination->trial->answer->teaching->waived,
                static fn (Waiver $waiver): bool => ! in_array($waiver, $used, true),
            ),
        );
    }

    /** Place of the last beat, the start being 0. */
    public function lastBeat(): int
    {
        return count($this->beats) - 1;
    }

    /** What was typed as the reason for accepting a finding, when that was refused. */
    public function typedReason(Finding $finding): string
    {
        $isThis = old('check') === $finding->check->value && old('beat') === $finding->beat;

        return $isThis && is_string(old('reason')) ? old('reason') : '';
    }

    /** @return list<string> what fails with the head 15 cm elsewhere, and where branches come into other answers */
    public function notes(): array
    {
        $heads = array_filter(
            $this->examination->trial->robust,
            static fn (Shortfall $shortfall): bool => $shortfall->beat === null && $shortfall->failsAt !== null,
        );

        return [
            ...array_values(
                array_map(
                    static fn (Shortfall $shortfall): string => __('floor.fails-with', [
                        'what' => say($shortfall->without),
                        'beat' => $shortfall->failsAt,
                        'because' => say($shortfall->because),
                    ]),
                    $heads,
                ),
            ),
            ...array_map(self::landing(...), $this->examination->trial->run->landings),
        ];
    }

    private static function landing(Landing $landing): string
    {
        $held = match (true) {
            $landing->isHeld === $landing->heldThere => '',
            $landing->isHeld => __('floor.landing.held-here'),
            default => __('floor.landing.held-there'),
        };

        return __($landing->closer >= 0 ? 'floor.landing.nearer' : 'floor.landing.farther', [
            'beat' => $landing->number,
            'title' => $landing->title,
            'there' => $landing->beat,
            'cm' => abs(round($landing->closer * 100)),
            'degrees' => abs(round($landing->turned)),
        ]).$held;
    }

    /** @return list<array{finding: Finding, remedy: ?Remedy, text: string}> */
    private function findings(Frame $frame): array
    {
        return array_map(function (Finding $finding): array {
            $remedy = $this->mender?->mend($this->examination, $finding, $this->settings->side);

            return [
                'finding' => $finding,
                'remedy' => $remedy,
                'text' => $remedy === null ? '' : (new Printer($this->vocabulary))->print($remedy->beats),
            ];
        }, $this->examination->at($frame->number));
    }

    /** @return list<Shortfall> */
    private function shortfalls(Frame $frame): array
    {
        return array_values(
            array_filter(
                $this->examination->trial->robust,
                static fn (Shortfall $shortfall): bool => $shortfall->beat === $frame->number,
            ),
        );
    }
}
