<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Persistence\SecondWall;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** While somebody is served, the database shows the rows of their school alone. */
final class KeepToSchool
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User) {
            SecondWall::keepTo(DB::connection(), $user->school_id);
            $request->attributes->set(self::class, true);
        }

        return $next($request);
    }

    public function terminate(Request $request): void
    {
        // Whoever it was may be signed out by now.
        if ($request->attributes->has(self::class)) {
            SecondWall::lift(DB::connection());
        }
    }
}
