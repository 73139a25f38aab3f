<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\HoleBook;
use App\View\Wall\CrossPage;
use App\View\Wall\WallQuery;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use StoneDrill\Core\Coverage\Aspect;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\CrossTable;
use StoneDrill\Core\Coverage\MissingPairs;

/** The wall counted by two aspects, and what can go together that nobody has catalogued. */
final readonly class CrossController
{
    public function __construct(private CatalogueMapper $mapper, private HoleBook $holes) {}

    public function __invoke(Request $request, #[CurrentUser] User $user): View
    {
        $school = $user->school;
        $catalogue = $this->mapper->curriculum($school);
        $coverage = Coverage::of($catalogue);
        $query = WallQuery::of($request, $school);
        $cells = $query->selection->among($coverage->cells);
        [$down, $across] = $this->aspects($request);
        $known = $this->holes->known($school);

        return view('wall.cross', [
            'query' => $query,
            'page' => new CrossPage(
                $down,
                $across,
                CrossTable::of($cells, $known ?? $coverage->holes, $catalogue->rankOrder(), $down, $across),
                MissingPairs::of($catalogue, $this->mapper->kinds($school)->all()),
            ),
            'isWhole' => $known !== null,
        ]);
    }

    /** @return array{Aspect, Aspect} two that are different */
    private function aspects(Request $request): array
    {
        $asked = static fn (string $name, string $usual): Aspect => Aspect::tryFrom(is_string($request->query($name)) ? $request->query($name) : '') ?? Aspect::tryFrom($usual) ?? Aspect::all()[0];
        $down = $asked('down', 'bearing');
        $across = $asked('across', 'family');
        if ($down->id === $across->id) {
            $across = $asked('', $down->id === Aspect::FAMILY ? 'bearing' : Aspect::FAMILY);
        }

        return [$down, $across];
    }
}
