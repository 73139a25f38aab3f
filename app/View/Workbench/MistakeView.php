<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\View\Floor\FloorPicture;
use App\View\Floor\SidePicture;
use StoneDrill\Core\Report\MadeMistake;
use StoneDrill\Core\Technique\Notation\Printer;
use StoneDrill\Core\Text;

/** A usual mistake as it is shown: beside the right way, with the figure that it breaks. */
final readonly class MistakeView
{
    public string $text;

    /** What is done instead of which beat; null where it is not known. */
    public ?string $shown;

    /** What it breaks, in words; null where it is not known how it is made. */
    public ?string $breaks;

    /**
     * @var list<array{name: string, above: FloorPicture, side: SidePicture}> the right way, then the wrong one; none
     *     where it is not known how it is made
     */
    public array $floors;

    /** @param string $with what it is asked with beside the answer */
    public function __construct(MadeMistake $made, Bench $bench, Printer $printer, public string $with)
    {
        $mistake = $made->mistake;
        $this->text = $mistake->text;
        $this->shown = $mistake->instead === null
            ? null
            : say(
                Text::of('answers.mistake-at', [
                    'beat' => (int) $mistake->at,
                    'beats' => str_replace("\n", ' / ', trim($printer->print($mistake->instead))),
                ]),
            );
        $this->breaks = match (true) {
            $mistake->instead === null => null,
            $made->breaks === null => say(Text::of('answers.mistake-unseen')),
            default => say(
                Text::of('answers.mistake-breaks', [
                    'beat' => $made->breaks->beat,
                    'message' => $made->breaks->message,
                ]),
            ),
        };
        $at = (string) $mistake->at;
        $this->floors = $made->made === null || $made->made->trial->run->frame($at) === null
            ? []
            : [
                [
                    'name' => __('answers.right-way'),
                    'above' => $bench->picture->only($at),
                    'side' => $bench->side->only($at),
                ],
                [
                    'name' => $mistake->text,
                    'above' => FloorPicture::ofRun(
                        $made->made->trial->run,
                        $bench->settings->style,
                        $bench->picture->palette,
                    )->only($at),
                    'side' => SidePicture::ofRun($made->made->trial->run, $bench->picture->palette)->only($at),
                ],
            ];
    }

    /** @return list<string> the right way and the wrong one from the side, as images */
    public function images(): array
    {
        return array_map(
            static fn (array $floor): string => 'data:image/svg+xml;base64,'
                .base64_encode(
                    view('workbench.side', ['picture' => $floor['side'], 'label' => $floor['name']])->render(),
                ),
            $this->floors,
        );
    }
}
