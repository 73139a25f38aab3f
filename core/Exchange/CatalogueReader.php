<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange;

use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Exchange\Reading\AnswerSection;
use StoneDrill\Core\Exchange\Reading\AttackSection;
use StoneDrill\Core\Exchange\Reading\ClassSection;
use StoneDrill\Core\Exchange\Reading\Document;
use StoneDrill\Core\Exchange\Reading\Fields;
use StoneDrill\Core\Exchange\Reading\FootageSection;
use StoneDrill\Core\Exchange\Reading\PeopleSection;
use StoneDrill\Core\Exchange\Reading\Problems;
use StoneDrill\Core\Exchange\Reading\SchoolSection;
use StoneDrill\Core\Exchange\Reading\SoloSection;
use StoneDrill\Core\Exchange\Reading\TestSection;
use StoneDrill\Core\Technique\Notation\Vocabulary;
use StoneDrill\Core\Technique\Reading;
use StoneDrill\Core\Text;

/** Reads a catalogue file, `stone-drill/1`, from JSON or YAML. */
final readonly class CatalogueReader
{
    private const KEYS = [
        'format', 'school', 'sizes', 'kinds', 'ranks', 'rungs', 'attacks', 'answers', 'students', 'reps', 'classes',
        'tests', 'basics', 'forms', 'marks', 'practised', 'footage',
    ];

    /**
     * @param string $text the whole file
     *
     * @throws UnreadableCatalogue with everything that is wrong in it
     */
    public function read(string $text, Format $format): SchoolFile
    {
        $problems = new Problems();
        $file = new Fields(Document::decode($text, $format), '', $problems, self::KEYS);
        unset($text);
        if ($file->choice('format', [Format::VERSION]) === '') {
            $problems->throwIfAny();
        }
        $read = $this->file($file);
        $problems->throwIfAny();

        return new SchoolFile(
            $read->catalogue,
            $read->students,
            $read->reps,
            $problems->notices(),
            $read->classes,
            $read->tests,
            $read->basics,
            $read->forms,
            $read->marks,
            $read->practised,
            $read->footage,
        );
    }

    private function file(Fields $file): SchoolFile
    {
        $section = new SchoolSection($file);
        $rankIds = $this->ids($file, 'ranks');
        $ladder = $section->ladder();
        $ranks = $section->ranks($ladder);
        $school = $section->school($rankIds);
        $ownKinds = $section->kinds();
        $kinds = Kinds::builtIn()->with(...$ownKinds);
        $this->ids($file, 'kinds');

        $attacks = (new AttackSection($kinds, $rankIds))->read($file);
        $attackIds = $this->ids($file, 'attacks');
        $byId = array_replace(array_fill_keys(array_keys($attackIds), null), array_column($attacks, null, 'id'));
        $answerIds = $this->ids($file, 'answers');
        $called = [
            Reading::YOUTH,
            ...array_map(mb_strtolower(...), [
                ...array_map('strval', array_keys($rankIds)),
                ...array_column($ranks, 'name'),
            ]),
        ];
        $vocabulary = Vocabulary::standard()->withAliases($school->conventions->aliases);
        $answers = (new AnswerSection(
            $kinds,
            $rankIds,
            $byId,
            $answerIds,
            array_values(array_unique($called)),
            $vocabulary,
        ))->read($file);

        $people = new PeopleSection($rankIds, $attackIds, $answerIds, $ladder);
        $students = $people->students($file);
        $studentIds = $this->ids($file, 'students');
        $classIds = $this->ids($file, 'classes');
        $repIds = $this->ids($file, 'reps');
        $reps = $people->reps($file, $studentIds, $classIds, $repIds);
        $habits = $school->conventions->classes;
        $classes = (new ClassSection($rankIds, $studentIds, $answerIds, $habits))->classes($file);
        $this->ids($file, 'tests');
        $tests = (new TestSection($rankIds, $studentIds, $classIds, $attackIds, $repIds))->tests($file);
        $solo = new SoloSection($rankIds, $studentIds, $vocabulary);
        [$basics, $forms] = [$solo->basics($file), $solo->forms($file)];
        [$basicIds, $formIds] = [$this->ids($file, 'basics'), $this->ids($file, 'forms')];
        $marks = $solo->marks($file, $basicIds, $formIds);
        $practised = $solo->practised($file, $basicIds, $formIds);
        $footage = (new FootageSection(
            ['attack' => $attackIds, 'answer' => $answerIds, 'basic' => $basicIds, 'form' => $formIds],
            $studentIds,
        ))->footage($file);

        return new SchoolFile(
            new Catalogue($school, $ownKinds, $ranks, $ladder, $attacks, $answers),
            $students,
            $reps,
            classes: $classes,
            tests: $tests,
            basics: $basics,
            forms: $forms,
            marks: $marks,
            practised: $practised,
            footage: $footage,
        );
    }

    /**
     * The position of each id in a list of maps, told before the maps are read so that one wrong map does not make
     * everything wrong that points to it. An id that comes twice is reported.
     *
     * @return array<string, int>
     */
    private function ids(Fields $file, string $list): array
    {
        $ids = [];
        foreach ($file->listOr($list) as $index => $value) {
            $id = is_array($value) ? $value['id'] ?? null : null;
            if (! is_string($id) && ! is_int($id)) {
                continue;
            }
            $id = $list === 'reps' ? strtolower((string) $id) : (string) $id;
            if (isset($ids[$id])) {
                $file->report(
                    $list.'/'.$index.'/id',
                    Text::of('file.again', ['word' => $id]),
                    Text::of('file.unique-id', ['section' => $list]),
                );
            }
            $ids[$id] ??= $index;
        }

        return $ids;
    }
}
