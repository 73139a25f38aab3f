<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Floor\FloorPicture;
use App\Floor\Palette;
use Illuminate\Support\Str;
use StoneDrill\Core\Answer\Answer;
use StoneDrill\Core\Answer\Notation\Printer;
use StoneDrill\Core\Answer\Notation\Vocabulary;
use StoneDrill\Core\Answer\Waiver;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Mender;
use StoneDrill\Core\Checks\Remedy;
use StoneDrill\Core\Checks\Shortfall;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Floor\Frame;

/** An answer on the floor: what is drawn, and what is said of every beat. */
final readonly class Bench
{
    public FloorPicture $picture;

    /** @var list<BenchBeat> the start, then every beat, branches after theirs */
    public array $beats;

    private function __construct(public Examination $examination, public BenchSettings $settings, private Vocabulary $vocabulary, private ?Mender $mender, Palette $palette)
    {
        $this->picture = FloorPicture::ofRun($examination->trial->run, $settings->style, $palette);
        $printer = new Printer($vocabulary);
        $beats = [];
        foreach ($this->picture->frames as $drawn) {
            $frame = $drawn->frame;
            $beats[] = new BenchBeat(
                $frame,
                $drawn->track,
                match (true) {
                    $frame->number === '0' => 'the start',
                    $frame->beat === null => 'nothing; he goes on',
                    default => $printer->beat($frame->beat),
                },
                $this->findings($frame),
                $this->shortfalls($frame),
            );
        }
        $this->beats = $beats;
    }

    /** @param bool $withMends whether mends are tried and offered, for whoever is writing */
    public static function of(Catalogue $catalogue, Answer $answer, Attack $attack, BenchSettings $settings, bool $withMends, Palette $palette = Palette::Slate): self
    {
        $examiner = new Examiner(Standards::of($catalogue));
        $examination = $examiner->examine($answer, $attack, $settings->side, $settings->bodies, $settings->rung);

        return new self($examination, $settings, $catalogue->school->vocabulary(), $withMends ? new Mender($examiner) : null, $palette);
    }

    /** How many findings there are of each severity, in words. */
    public function summary(): string
    {
        $counts = array_count_values(array_map(static fn (Finding $finding): string => $finding->severity->value, $this->examination->findings));
        $words = [];
        foreach (['stop' => 'stop', 'warn' => 'warning', 'note' => 'note'] as $severity => $word) {
            if (isset($counts[$severity])) {
                $words[] = $counts[$severity].' '.Str::plural($word, $counts[$severity]);
            }
        }

        return implode(', ', $words);
    }

    /** @return list<Waiver> what was accepted and is not found for these bodies */
    public function idleWaivers(): array
    {
        $used = array_column($this->examination->waived, 'waiver');

        return array_values(array_filter($this->examination->trial->answer->waived, static fn (Waiver $waiver): bool => ! in_array($waiver, $used, true)));
    }

    /** @return list<Shortfall> what fails with his head 15 cm elsewhere */
    public function headShortfalls(): array
    {
        return array_values(array_filter($this->examination->trial->robust, static fn (Shortfall $shortfall): bool => $shortfall->beat === null && $shortfall->failsAt !== null));
    }

    /** @return list<array{finding: Finding, remedy: ?Remedy, text: string}> */
    private function findings(Frame $frame): array
    {
        return array_map(function (Finding $finding): array {
            $remedy = $this->mender?->mend($this->examination, $finding, $this->settings->side);

            return ['finding' => $finding, 'remedy' => $remedy, 'text' => $remedy === null ? '' : (new Printer($this->vocabulary))->print($remedy->beats)];
        }, $this->examination->at($frame->number));
    }

    /** @return list<Shortfall> */
    private function shortfalls(Frame $frame): array
    {
        return array_values(array_filter($this->examination->trial->robust, static fn (Shortfall $shortfall): bool => $shortfall->beat === $frame->number));
    }
}
