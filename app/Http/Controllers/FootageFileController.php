<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Footage\FootageStore;
use App\Models\Footage;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The files of pictures and clips, whole or the range that is asked for. */
final readonly class FootageFileController
{
    public function __construct(private FootageStore $store) {}

    public function show(Request $request, Footage $footage): BinaryFileResponse
    {
        return $this->answer($request, $footage, $footage->path, $footage->type->mime());
    }

    public function thumbnail(Request $request, Footage $footage): BinaryFileResponse
    {
        return $this->answer($request, $footage, FootageStore::thumbnail($footage->path), 'image/jpeg');
    }

    private function answer(Request $request, Footage $footage, string $path, string $mime): BinaryFileResponse
    {
        $file = $footage->isReady() ? $this->store->local($path) : null;
        abort_if($file === null, 404);
        $response = new BinaryFileResponse(
            $file,
            headers: [
                'Content-Type' => $mime,
                'Content-Disposition' => sprintf('inline; filename="%s"', basename($path)),
                // Whatever it is taken for, it does nothing.
                'Content-Security-Policy' => "default-src 'none'; sandbox",
            ],
            public: false,
        );
        // Named by its content: it never changes. Who may see it is asked each time.
        $response->setEtag(hash('xxh128', $path))->headers->addCacheControlDirective('no-cache');
        $response->isNotModified($request);

        return $response;
    }
}
