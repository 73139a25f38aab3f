<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Generator;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Files of catalogues and of reps that are sound but for what was changed in them. */
final readonly class Files
{
    private NastyValues $values;

    /** @param string $catalogue a sound one, as YAML */
    public function __construct(private string $catalogue, int $seed)
    {
        $this->values = new NastyValues(new Randomizer(new Mt19937($seed)));
    }

    /** @return Generator<int, array{string, string}> name and content */
    public function take(int $count): Generator
    {
        for ($number = 0; $number < $count; $number++) {
            yield match ($this->values->random->getInt(0, 9)) {
                0, 1, 2 => ['catalogue.yaml', $this->changedText($this->catalogue)],
                3, 4 => ['catalogue.json', $this->changedJson()],
                5 => ['catalogue.yaml', $this->bomb()],
                6 => ['catalogue.json', $this->bytes()],
                default => ['reps.csv', $this->reps()],
            };
        }
    }

    private function changedText(string $text): string
    {
        for ($change = $this->values->random->getInt(1, 4); $change > 0; $change--) {
            $at = $this->values->random->getInt(0, strlen($text));
            $text = match ($this->values->random->getInt(0, 4)) {
                0 => substr($text, 0, $at),
                1 => substr_replace(
                    $text,
                    (string) $this->values->one([
                        ': ', "\n", '  ', '- ', '{', '[', '"', "'", '&a ', '*a', '!!php/object', '|', '>', '#', "\t",
                        "\0",
                    ]),
                    $at,
                    0,
                ),
                2 => substr_replace($text, '', $at, $this->values->random->getInt(1, 30)),
                3 => (string) preg_replace_callback(
                    '/: [^\n{\[]+$/m',
                    fn (): string => ': '.$this->scalar(),
                    $text,
                    1 + $this->values->random->getInt(0, 2),
                ),
                default => str_replace(
                    (string) $this->values->one([
                        'first', 'wrist', 'gate', 'ada-plover', 'clean', 'escape', '2', 'grab',
                    ]),
                    $this->scalar(),
                    $text,
                ),
            };
        }

        return $text;
    }

    private function scalar(): string
    {
        return str_replace(
            "\n",
            ' ',
            mb_strcut((string) $this->values->one([$this->values->text(), $this->values->number()]), 0, 5000),
        );
    }

    private function changedJson(): string
    {
        $document = (array) \Symfony\Component\Yaml\Yaml::parse(
            $this->catalogue,
            \Symfony\Component\Yaml\Yaml::PARSE_DATETIME,
        );
        for ($change = $this->values->random->getInt(1, 3); $change > 0; $change--) {
            $at = &$document;
            while (is_array($at) && $at !== [] && $this->values->chance(80)) {
                $at = &$at[$this->values->one(array_keys($at))];
            }
            $at = $this->values->one([$this->values->any(), null, 1.5, -1, 9_007_199_254_740_993, 1e300, true, []]);
            unset($at);
        }

        return (string) json_encode($document, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR);
    }

    /** What unfolds, nests or repeats without end. */
    private function bomb(): string
    {
        return match ($this->values->random->getInt(0, 7)) {
            0 => "a: &a [x,x,x,x,x,x,x,x,x]\n"
                .implode(
                    '',
                    array_map(
                        static fn (int $n): string => chr(97 + $n)
                            .': &'
                            .chr(97 + $n)
                            .' ['
                            .rtrim(str_repeat('*'.chr(96 + $n).',', 9), ',')
                            ."]\n",
                        range(1, 20),
                    ),
                ),
            1 => str_repeat('[', 5_000),
            2 => str_repeat('- ', 3_000),
            3 => implode('', array_map(static fn (int $n): string => str_repeat(' ', $n)."a:\n", range(0, 600))),
            4 => $this->catalogue
                ."\nranks:\n"
                .str_repeat("  - {id: r, name: R, max_beats: 4, goal_rung: 2}\n", 3_000),
            5 => 'x: &x {<<: *x}',
            6 => '{"a":'.str_repeat('{"a":', 3_000).'1'.str_repeat('}', 3_001),
            default => "format: stone-drill/1\nschool: ".str_repeat('{a: ', 400).str_repeat('}', 400),
        };
    }

    private function bytes(): string
    {
        return (string) $this->values->one([
            '',
            "\0",
            "\xEF\xBB\xBF{}",
            "\xFF\xFE{\0}\0",
            'null',
            '1',
            '"x"',
            '[]',
            '{"format":"stone-drill/1"}',
            '{"format":"stone-drill/1","school":"\ud800"}',
            '{"a":1e400}',
            '{"format":"stone-drill/1","school":{"name":"\u0000","doctrine":"escape"}}',
            $this->values->random->getBytes(2_000),
        ]);
    }

    private function reps(): string
    {
        $lines = [
            'id,student,attack,side,rung,outcome,at,answer,mistakes,touched,seconds,stressor,source,replaces,reason',
        ];
        for ($number = $this->values->random->getInt(1, 8); $number > 0; $number--) {
            $fields = [
                sprintf('0b7e1f60-8888-4000-8000-%012d', $this->values->random->getInt(1, 99_999)),
                'ada-plover',
                'wrist',
                'written',
                '2',
                'clean',
                '2026-11-02',
                '',
                '',
                '',
                '',
                '',
                '',
                '',
                '',
            ];
            for ($change = $this->values->random->getInt(0, 2); $change > 0; $change--) {
                $fields[$this->values->random->getInt(0, 14)] = mb_strcut($this->scalar(), 0, 2_000);
            }
            $lines[] = implode(
                ',',
                $this->values->chance(80)
                    ? array_map(static fn (string $field): string => '"'.str_replace('"', '""', $field).'"', $fields)
                    : $fields,
            );
        }

        return implode("\r\n", $lines).($this->values->chance(50) ? "\r\n" : '');
    }
}
