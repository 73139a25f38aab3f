<?php

declare(strict_types=1);

namespace App\Http\Controllers\Watch;

use Illuminate\Database\QueryException;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/**
 * Whether the school can be reached at all: this server, and the database behind it. Tells nothing more, and anybody.
 */
final class UpController
{
    public function __invoke(): Response
    {
        try {
            DB::select('select 1');
        } catch (QueryException) {
            return response(__('errors.no-database'), 503, ['Content-Type' => 'text/plain', 'Retry-After' => '5']);
        }

        return response('up', 200, ['Content-Type' => 'text/plain']);
    }
}
