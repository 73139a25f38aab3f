<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What the interface for programs is, as OpenAPI 3.1. */
final class DocumentController
{
    public function __invoke(): BinaryFileResponse
    {
        return response()->file(base_path('docs/api/openapi.json'), ['Content-Type' => 'application/json']);
    }
}
