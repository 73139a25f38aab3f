<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Answer;
use App\Models\Attack;
use App\Persistence\CatalogueMapper;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Leads from whatever is worked out of an attack or an answer to its own page, where that says why it cannot be read.
 */
final readonly class RedirectUnreadable
{
    /** Pages on which it is told, mended and deleted. */
    private const MENDING = [
        'attacks.show', 'attacks.edit', 'attacks.update', 'attacks.destroy', 'answers.show', 'answers.edit',
        'answers.update', 'answers.destroy', 'versions.restore',
    ];

    public function __construct(private CatalogueMapper $mapper) {}

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->route()?->named(...self::MENDING)) {
            return $next($request);
        }
        foreach (['answer' => 'answers.show', 'attack' => 'attacks.show'] as $name => $page) {
            $row = $request->route($name);
            if (($row instanceof Answer || $row instanceof Attack) && $this->mapper->whyUnreadable($row) !== null) {
                abort_if($request->expectsJson() || $request->headers->has('HX-Request'), 409);

                return redirect()->route($page, $row);
            }
        }

        return $next($request);
    }
}
