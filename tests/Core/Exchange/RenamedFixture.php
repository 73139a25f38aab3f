<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Tests\Support\Made;

/** What the tests of Renamed share. */
final class RenamedFixture
{
    /** A file of the first release: a kind of its own, mistakes under their old name. */
    public static function firstRelease(): string
    {
        $document = Made::small();
        $document['kinds'][0]['his_busy'] = $document['kinds'][0]['attacker_busy'];
        $document['kinds'][0]['yours'] = ['wrists'];
        unset($document['kinds'][0]['attacker_busy']);
        $document['answers'][0]['faults'] = ['leans back'];
        unset($document['answers'][0]['mistakes']);
        foreach ($document['reps'] as &$rep) {
            $rep['faults'] = ['waits'];
            unset($rep['mistakes']);
        }

        return json_encode($document, JSON_THROW_ON_ERROR);
    }
}
