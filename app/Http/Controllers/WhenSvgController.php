<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Attack;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\View\Attacks\AttackPage;
use App\View\SvgFile;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** Which answer to an attack is in time, as a drawing that stands alone. */
final readonly class WhenSvgController
{
    public function __construct(private CatalogueMapper $mapper, private CoverageBook $coverages) {}

    public function __invoke(#[CurrentUser] User $user, Attack $attack): Response
    {
        $school = $user->school;
        abort_if($this->mapper->whyUnreadable($attack->setRelation('school', $school)) !== null, 404);
        $catalogue = $this->mapper->curriculum($school);
        $page = new AttackPage($catalogue->attack($attack->code), $catalogue, $this->coverages->of($school), $school);

        return SvgFile::of(
            view('attacks.when-drawing', ['picture' => $page->when()])->render(),
            $attack->code.'-when',
        );
    }
}
