<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\School;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** What the tests of the interface for programs share. */
final class ApiFixture
{
    /** @return array<string, mixed> */
    public static function document(): array
    {
        return json_decode((string) file_get_contents(base_path('docs/api/openapi.json')), true);
    }

    /** What of a response is not as the document says; nothing where it is. */
    public static function faults(string $path, string $method, int $status, string $body): string
    {
        $document = self::document();
        $schema = $document['paths'][$path][$method]['responses'][(string) $status]['content']['application/json'][
            'schema'
        ] ?? null;
        if ($schema === null) {
            return "The document knows no {$status} of {$method} {$path}.";
        }
        $whole = json_decode((string) json_encode([...$schema, 'components' => $document['components']]));
        $result = (new Validator())->setMaxErrors(5)->validate(json_decode($body), $whole);
        $error = $result->error();

        return $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error));
    }

    /** A class on Monday, and a test in winter that Ada goes for. */
    public static function classAndTest(School $school): void
    {
        $school->classes()->create([
            'code' => 'monday', 'at' => '2026-12-07T19:00:00Z', 'minutes' => 60, 'places' => 8, 'instructors' => 2,
        ]);
        $test = $school->tests()->create([
            'code' => 'winter', 'at' => '2026-12-20T10:00:00Z', 'rank_id' => $school->ranks()->value('id'),
        ]);
        $test->candidates()->attach(
            $school->students()->where('name', 'Ada Plover')->value('id') ?? $school->students()->value('id'),
            ['school_id' => $school->id],
        );
    }
}
