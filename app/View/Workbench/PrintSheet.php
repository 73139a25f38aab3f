<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\Models\Answer;
use App\View\Attacks\AttackerCard;
use App\View\Floor\FloorPicture;
use App\View\Floor\SidePicture;
use App\View\Spelling;

/** One page of an answer: its beats, the floor at its key beats, mistakes and cautions. */
final readonly class PrintSheet
{
    /** Floors that fit beside the beats on one page. */
    private const MAX = 6;

    /** Millimetres: what the lower of the two papers has for words and floors, and one floor of two side by side. */
    private const PAGE = 235.0;
    private const FLOOR = 64.0;

    private const SCORE = 48.0;
    private const MISTAKE = 42.0;

    /**
     * @var list<array{picture: FloorPicture, side: SidePicture, image: string, sideImage: string, label: string,
     *     caption: string}>
     */
    public array $floors;

    public function __construct(
        public Answer $answer,
        public Bench $bench,
        public AnswerFacts $facts,
        public Paper $paper,
    ) {
        $floors = [];
        foreach ($this->keyBeats() as $beat) {
            $picture = $bench->picture->only($beat->frame->number);
            $side = $bench->side->only($beat->frame->number);
            $label = __('sheet.floor-at', ['beat' => $beat->frame->number]);
            $floors[] = [
                'picture' => $picture,
                'side' => $side,
                'sideImage' => base64_encode(view('workbench.side', ['picture' => $side, 'label' => $label])->render()),
                'image' => base64_encode(
                    view('workbench.drawing', ['picture' => $picture, 'label' => $label])->render(),
                ),
                'label' => $label,
                'caption' => implode(
                    ' · ',
                    array_filter([
                        $beat->name(),
                        __('words.metres', ['metres' => $beat->distance()]),
                        ...$beat->strikes(),
                        rtrim($beat->cue(), '.'),
                    ]),
                ),
            ];
        }
        $this->floors = $floors;
    }

    /** Its beats as the school spells them. */
    public function beats(): string
    {
        return Spelling::ofSchool($this->answer->school)->beats($this->answer->beats);
    }

    /** What is to be known before anything is done, in one line. */
    public function line(): string
    {
        $bodies = $this->bench->settings->bodies;

        return implode(' · ', [
            $this->answer->school->name,
            __('sheet.answers', ['attack' => $this->answer->attack->title]),
            $this->answer->rank->name,
            __($this->answer->mirrored ? 'answers.both' : 'answers.one'),
            __('words.seconds', ['seconds' => number_format($this->bench->examination->duration(), 2)]),
            __('sheet.bodies', [
                'defender' => number_format($bodies->defender, 2),
                'attacker' => number_format($bodies->attacker, 2),
            ]),
        ]);
    }

    /** What the partner who attacks is told. */
    public function card(): AttackerCard
    {
        $attack = $this->facts->attack;

        return new AttackerCard($attack, $attack->facets, $this->facts->said.'.');
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return [
            __('sheet.first-cautions'),
            ...array_map(say(...), $this->facts->attack->allCautions()),
            ...$this->facts->cautions,
            __('sheet.last-cautions'),
        ];
    }

    /** Floors side by side: two where the page is high enough for them, otherwise three. */
    public function columns(): int
    {
        return $this->words() + self::FLOOR * ceil(count($this->floors) / 2) <= self::PAGE ? 2 : 3;
    }

    /** Whether the page has room for the main line in time. */
    public function showsScore(): bool
    {
        $rows = ceil(count($this->floors) / $this->columns());

        return $this->words() + (self::FLOOR * $rows * 2) / $this->columns() + self::SCORE <= self::PAGE;
    }

    /** The first mistake that is known how it is made, where the page has room for it. */
    public function mistake(): ?MistakeView
    {
        $rows = ceil(count($this->floors) / $this->columns());
        $taken
            = $this->words() + (self::FLOOR * $rows * 2) / $this->columns() + ($this->showsScore() ? self::SCORE : 0);

        return $taken + self::MISTAKE > self::PAGE
            ? null
            : array_find($this->bench->mistakes(), static fn (MistakeView $mistake): bool => $mistake->floors !== []);
    }

    /** The main line in time, as base64. */
    public function score(): string
    {
        return base64_encode(
            view('workbench.score', ['picture' => $this->bench->score, 'label' => __('floor.score.label')])->render(),
        );
    }

    /** Millimetres that the words take. */
    private function words(): float
    {
        return 45 + 4.4 * count(explode("\n", rtrim($this->answer->beats)));
    }

    /** The style of the PDF, which has no stylesheet beside it, as base64. */
    public function style(): string
    {
        return base64_encode((string) file_get_contents(resource_path('views/sheet/pdf.css')));
    }

    /**
     * The start and the main line; where that is more than a page holds, the start, the end, and of the rest those in
     * which most happens.
     *
     * @return list<BenchBeat>
     */
    private function keyBeats(): array
    {
        $line = array_values(
            array_filter($this->bench->beats, static fn (BenchBeat $beat): bool => $beat->frame->isOnMainLine()),
        );
        if (count($line) <= self::MAX) {
            return $line;
        }
        $inner = array_slice($line, 1, -1);
        $weight = static fn (BenchBeat $beat): float => 3 * count($beat->frame->hits)
            + 2 * count($beat->frame->beat->effects ?? [])
            + $beat->frame->moved();
        $kept = $inner;
        usort($kept, static fn (BenchBeat $a, BenchBeat $b): int => $weight($b) <=> $weight($a));
        $kept = array_slice($kept, 0, self::MAX - 2);

        return [
            $line[0],
            ...array_values(array_filter($inner, static fn (BenchBeat $beat): bool => in_array($beat, $kept, true))),
            $line[count($line) - 1],
        ];
    }
}
