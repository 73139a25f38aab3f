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
        }

        return $next($request);
    }

    public function terminate(Request $request): void
    {
        if ($request->user() instanceof User) {
            SecondWall::lift(DB::connection());
        }
    }
}
