<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\Models\Answer;
use App\Models\Attack;
use App\Models\School;
use App\Persistence\AnswerMapper;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\View\Floor\Palette;
use App\View\Floor\SituationView;
use App\View\Forms\BeatsCheck;
use Illuminate\Http\Request;
use StoneDrill\Core\Curriculum\Doctrine;

/** Puts answers on the floor: those being written, and those that are saved. */
final readonly class Workbench
{
    public function __construct(private CatalogueMapper $mapper, private CoverageBook $coverages) {}

    /**
     * An answer that is being written, as far as it can be read.
     *
     * @param array<string, mixed> $fields what its form says: `beats`, `title`, `rank` (id of the row), `doctrine`
     * @param ?Answer              $stored what it is an edit of
     */
    public function draft(Request $request, School $school, Attack $attack, array $fields, ?Answer $stored): Draft
    {
        $catalogue = $this->mapper->curriculum($school);
        $core = $catalogue->attack($attack->code);
        $settings = BenchSettings::of($request, $catalogue, $core);
        $check = BeatsCheck::of($catalogue, self::word($fields, 'beats'));
        $bench = null;
        $rank = $school->ranks->firstWhere('id', (int) self::word($fields, 'rank')) ?? $school->ranks->first();
        if ($check->beats !== null && $rank !== null) {
            $doctrine = Doctrine::tryFrom(self::word($fields, 'doctrine'));
            $draft = AnswerMapper::draft(
                $core,
                self::word($fields, 'title'),
                $rank->code,
                $doctrine,
                $check->beats,
                $stored,
            );
            $bench = Bench::of($catalogue, Meeting::own($draft, $core, $settings), withMends: true);
        }

        return new Draft(
            $attack->id,
            $check,
            $bench,
            $settings,
            $core->isSymmetric(),
            $catalogue->ladder->rungs,
            SituationView::of($catalogue, $core),
            $catalogue->school->vocabulary(),
        );
    }

    /**
     * An answer as it is saved.
     *
     * @param string $mistake made in it, in its words, where it is known what is done then; empty for none
     */
    public function saved(
        Request $request,
        Answer $answer,
        Palette $palette = Palette::Slate,
        string $mistake = '',
    ): Bench {
        $catalogue = $this->mapper->curriculum($answer->school);
        $meeting = Meeting::of($request, $catalogue, $answer->code);
        $core = $meeting->answer;
        $made = array_column($core->teaching->mistakes, null, 'text')[$mistake] ?? null;
        $beats = $made?->in($core->beats) ?? $core->beats;

        return Bench::of($catalogue, $meeting->with($core->withBeats($beats)), withMends: false, palette: $palette);
    }

    /** For whom an answer as it is saved works. */
    public function forWhom(Request $request, Answer $answer): ForWhomTable
    {
        $catalogue = $this->mapper->curriculum($answer->school);

        return new ForWhomTable($catalogue, Meeting::of($request, $catalogue, $answer->code), $answer->school);
    }

    /** An answer as it is saved, and what is asked for beside it. */
    public function beside(Request $request, Answer $answer): Beside
    {
        $catalogue = $this->mapper->curriculum($answer->school);
        $with = self::word($request->query(), 'with');

        return new Beside(
            $catalogue,
            $answer,
            BenchSettings::of($request, $catalogue, $catalogue->attackOf($catalogue->answer($answer->code))),
            $with,
        );
    }

    /** Where to step in a beat of an answer. */
    public function field(Request $request, Answer $answer): StepPage
    {
        $catalogue = $this->mapper->curriculum($answer->school);

        return new StepPage(
            $catalogue,
            Meeting::of($request, $catalogue, $answer->code),
            self::word($request->query(), 'beat'),
            self::word($request->query(), 'strike'),
        );
    }

    /** Its steps for one body, to be laid out with tape. */
    public function tape(Request $request, Answer $answer): Tape
    {
        $catalogue = $this->mapper->curriculum($answer->school);
        $student = $answer->school
            ->students()
            ->whereNotNull('height')
            ->find((int) self::word($request->query(), 'student'));

        return new Tape($catalogue, Meeting::of($request, $catalogue, $answer->code), $student);
    }

    public function facts(Answer $answer): AnswerFacts
    {
        $catalogue = $this->mapper->curriculum($answer->school);

        return AnswerFacts::of($catalogue, $this->coverages->of($answer->school), $catalogue->answer($answer->code));
    }

    /** @param array<string, mixed> $fields */
    private static function word(array $fields, string $key): string
    {
        return is_scalar($fields[$key] ?? '') ? (string) ($fields[$key] ?? '') : '';
    }
}
