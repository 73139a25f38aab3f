<?php

declare(strict_types=1);

namespace App\View\Footage;

use App\Models\Answer;
use App\Models\Footage;
use App\Persistence\CatalogueMapper;
use App\View\Workbench\Bench;
use App\View\Workbench\BenchBeat;
use App\View\Workbench\Workbench;
use Illuminate\Http\Request;

/** A picture or a clip by itself; a clip of an answer beside its floor. */
final readonly class FootagePage
{
    public FootageList $list;

    public FootageItem $item;

    /** The floor of what the clip shows; null where there is none. */
    public ?Bench $bench;

    public function __construct(
        public Footage $footage,
        Request $request,
        Workbench $workbench,
        CatalogueMapper $mapper,
    ) {
        $this->list = new FootageList($footage->of());
        $this->item = new FootageItem($footage);
        $answer = $footage->answer;
        $this->bench = $answer instanceof Answer && $footage->type->isClip() && $mapper->whyUnreadable($answer) === null
            ? $workbench->saved($request, $answer, mistake: $footage->mistake)
            : null;
    }

    /**
     * The beats of the main line, beside what they take in the clip and what is modelled; at last the end of the last
     * one.
     *
     * @return list<array{name: string, text: string, at: string, took: string, model: string}>
     */
    public function beats(): array
    {
        $times = $this->footage->beats();
        $typed = (array) old('beats_at', $times->seconds);
        $line = array_values(
            array_filter($this->bench->beats ?? [], static fn (BenchBeat $beat): bool => $beat->track === ''),
        );
        $rows = [];
        foreach (array_slice($line, 1) as $place => $beat) {
            $took = $times->ofBeat($place + 1);
            $rows[] = [
                'name' => __('words.beat', ['beat' => $beat->frame->number]),
                'text' => $beat->text,
                'at' => self::word($typed[$place] ?? ''),
                'took' => $took === null ? '' : number_format($took, 2),
                'model' => number_format($beat->time() - $line[$place]->time(), 2),
            ];
        }

        return $rows === []
            ? []
            : [
                ...$rows,
                [
                    'name' => __('footage.mark.end'),
                    'text' => '',
                    'at' => self::word($typed[count($rows)] ?? ''),
                    'took' => '',
                    'model' => '',
                ],
            ];
    }

    /** @return list<int> who is said to be seen */
    public function shows(): array
    {
        return FootageList::shows(array_values($this->footage->students->modelKeys()));
    }

    private static function word(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
