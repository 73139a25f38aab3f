<?php

declare(strict_types=1);

use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use Symfony\Component\Yaml\Yaml;

/*
 * Reads a catalogue of 5,000 attacks, 5,000 answers and 200,000 reps under the memory limit of bin/drill, side by side
 * with what PHP's or Symfony's decoder alone needs for the same text. Run: php -d memory_limit=512M
 * bench/read-catalogue.php [json|yaml]
 */

require dirname(__DIR__).'/vendor/autoload.php';

$format = Format::from($argv[1] ?? 'json');
$beats
    = "left foot step 9, left hand parry forearm\nright foot step 1:30, right palm chin -> rocked\n  if not: left knee groin -> folded\nboth hands shove chest -> driven back\nleave 6\n";

$path = tempnam(sys_get_temp_dir(), 'bench');
$out = fopen($path, 'w');
$json = static fn (array $row): string => json_encode($row, JSON_UNESCAPED_SLASHES);
$rows = static function (string $key, int $count, callable $row) use ($out, $format, $json): void {
    fwrite($out, $format === Format::Json ? ",\n\"{$key}\":[" : "{$key}:\n");
    for ($i = 0; $i < $count; $i++) {
        fwrite($out, $format === Format::Json ? ($i ? ",\n" : '').$json($row($i)) : '  - '.$json($row($i))."\n");
    }
    fwrite($out, $format === Format::Json ? ']' : '');
};
fwrite(
    $out,
    $format === Format::Json
        ? '{"format":"stone-drill/1","school":{"name":"Bench","doctrine":"escape"}'
        : "format: stone-drill/1\nschool: {name: Bench, doctrine: escape}\n",
);
$rows(
    'ranks',
    6,
    static fn (int $i): array => ['id' => "r{$i}", 'name' => "R{$i}", 'max_beats' => 6, 'goal_rung' => 3],
);
$rows(
    'attacks',
    5000,
    static fn (int $i): array => [
        'id' => "a{$i}",
        'title' => "Attack {$i}",
        'kind' => 'wrist-cross',
        'hand' => 'right',
        'bearing' => '12',
        'thumb' => 'up',
        'phase' => 'landed',
        'intent' => 'move',
        'needed_by' => 'r'.$i % 6,
    ],
);
$rows(
    'answers',
    5000,
    static fn (int $i): array => [
        'id' => "x{$i}",
        'title' => "Answer {$i}",
        'attack' => "a{$i}",
        'rank' => 'r'.$i % 6,
        'mirrored' => true,
        'beats' => $beats,
    ],
);
$rows('students', 2000, static fn (int $i): array => ['id' => "s{$i}", 'name' => "Student {$i}", 'rank' => 'r0']);
$rows(
    'reps',
    200_000,
    static fn (int $i): array => [
        'id' => sprintf('00000000-0000-4000-8000-%012d', $i),
        'student' => 's'.$i % 2000,
        'attack' => 'a'.$i % 5000,
        'side' => 'written',
        'rung' => 3,
        'outcome' => 'clean',
        'at' => '2026-11-02T19:10:00+00:00',
        'answer' => 'x'.$i % 5000,
    ],
);
fwrite($out, $format === Format::Json ? '}' : '');
fclose($out);

$text = file_get_contents($path);
unlink($path);
$start = hrtime(true);
$plain = $format === Format::Json ? json_decode($text, true) : Yaml::parse($text);
$reference = (hrtime(true) - $start) / 1e9;
$count = count($plain['reps']);
unset($plain);

$start = hrtime(true);
$catalogue = (new CatalogueReader())->read($text, $format);
$seconds = (hrtime(true) - $start) / 1e9;

printf(
    "%s, %.0f MB: decoder alone %.2f s, reader %.2f s (%.1f times); %d reps; peak memory %.0f MB\n",
    $format->value,
    strlen($text) / 1e6,
    $reference,
    $seconds,
    $seconds / $reference,
    $count,
    memory_get_peak_usage() / 1e6,
);
