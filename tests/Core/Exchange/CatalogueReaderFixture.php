<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Opis\JsonSchema\Validator;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\Problem;
use StoneDrill\Core\Exchange\UnreadableCatalogue;
use Tests\Support\Made;

/** What the tests of CatalogueReader share. */
final class CatalogueReaderFixture
{
    /** @return list<Problem> */
    public static function problems(array|string $document, Format $format = Format::Json): array
    {
        try {
            (new CatalogueReader())->read(is_array($document) ? (string) json_encode($document) : $document, $format);
        } catch (UnreadableCatalogue $exception) {
            return $exception->problems;
        }

        return [];
    }

    /** The small file with one value changed, or taken out when it is null. */
    public static function changed(string $path, mixed $value): array
    {
        $document = Made::small();
        $at = &$document;
        foreach (explode('.', $path) as $key) {
            $at = &$at[$key];
        }
        $at = $value;

        return $document;
    }

    public static function agreesWithSchema(array $document): bool
    {
        $schema = json_decode(
            (string) file_get_contents(dirname(__DIR__, 3).'/docs/schema/stone-drill-1.schema.json'),
        );

        return (new Validator())->validate(json_decode((string) json_encode($document)), $schema)->isValid();
    }
}
