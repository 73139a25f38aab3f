<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\School;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\HoleBook;
use App\Persistence\KeptPages;
use App\View\Wall\CrossPage;
use App\View\Wall\WallQuery;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use StoneDrill\Core\Coverage\Aspect;
use StoneDrill\Core\Coverage\CrossTable;
use StoneDrill\Core\Coverage\MissingPairs;

/** The wall counted by two aspects, and what can go together that nobody has catalogued. */
final readonly class CrossController
{
    public function __construct(
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private HoleBook $holes,
        private KeptPages $pages,
    ) {}

    public function __invoke(Request $request, #[CurrentUser] User $user): View
    {
        $query = WallQuery::of($request, $user->school);
        [$down, $across] = $this->aspects($request);

        return view('wall.cross', [
            'query' => $query,
            'down' => CrossPage::name($down),
            'across' => CrossPage::name($across),
            'body' => $this->pages->of(
                'cross',
                $user,
                [...$query->parameters(), 'down' => $down->id, 'across' => $across->id],
                fn (): string => $this->body($user->school, $query, $down, $across),
            ),
        ]);
    }

    private function body(School $school, WallQuery $query, Aspect $down, Aspect $across): string
    {
        $catalogue = $this->mapper->curriculum($school);
        $coverage = $this->coverages->of($school);
        $cells = $query->selection->among($coverage->cells);
        $known = $this->holes->known($school);

        return view('wall.cross-table', [
            'query' => $query,
            'page' => new CrossPage(
                $down,
                $across,
                CrossTable::of($cells, $known ?? $coverage->holes, $catalogue->rankOrder(), $down, $across),
                MissingPairs::of($catalogue, $this->mapper->kinds($school)->all()),
            ),
            'isWhole' => $known !== null,
        ])->render();
    }

    /** @return array{Aspect, Aspect} two that are different */
    private function aspects(Request $request): array
    {
        $asked = static fn (string $name, string $usual): Aspect => Aspect::tryFrom(
            is_string($request->query($name)) ? $request->query($name) : '',
        )
            ?? (Aspect::tryFrom($usual) ?? Aspect::all()[0]);
        $down = $asked('down', 'bearing');
        $across = $asked('across', 'family');
        if ($down->id === $across->id) {
            $across = $asked('', $down->id === Aspect::FAMILY ? 'bearing' : Aspect::FAMILY);
        }

        return [$down, $across];
    }
}
