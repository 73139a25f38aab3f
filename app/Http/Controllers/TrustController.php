<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** How a device comes to trust the authority of a local network, without which the Mat does not work offline on it. */
final class TrustController
{
    /** @throws NotFoundHttpException where a public authority is trusted by every device already */
    public function __invoke(): View
    {
        if (config('installation.installed') !== 'lan') {
            throw new NotFoundHttpException();
        }
        $host = (string) parse_url((string) config('app.url'), PHP_URL_HOST);

        return view('tablets.trust', [
            'host' => $host,
            'address' => "http://{$host}/trust",
            'certificate' => "http://{$host}/root.crt",
            'school' => "https://{$host}/",
        ]);
    }
}
