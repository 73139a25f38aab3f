<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;

/** The demo's answers, where they are meant and where they are not. */
final class WorksFixture
{
    /**
     * So many main lines, every other one against its own attack, the rest against any.
     *
     * @return iterable<array{Catalogue, Answer, Attack, Side, bool}> with the side, and whether the answer is mirrored
     */
    public static function lines(int $count): iterable
    {
        mt_srand(12);
        $file = (string) file_get_contents(dirname(__DIR__, 3).'/database/demo/cinder-quay.yaml');
        $catalogue = (new CatalogueReader())->read($file, Format::Yaml)->catalogue;
        $attacks = array_column($catalogue->attacks, null, 'id');
        for ($i = 0; $i < $count; $i++) {
            $answer = $catalogue->answers[mt_rand(0, count($catalogue->answers) - 1)];
            $attack = $attacks[$i % 2 === 0 ? $answer->attack : array_rand($attacks)];
            yield [
                $catalogue,
                $answer->withBeats($answer->beats->mainLine()),
                $attack,
                $i % 3 === 0 ? Side::Mirrored : Side::Written,
                mt_rand(0, 1) === 1,
            ];
        }
    }
}
