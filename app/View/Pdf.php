<?php

declare(strict_types=1);

namespace App\View;

use Dompdf\Dompdf;
use Illuminate\Http\Response;

/** A page as PDF. Nothing is fetched from anywhere while it is made. */
final class Pdf
{
    public static function of(string $html, string $paper = 'a4', string $orientation = 'portrait'): string
    {
        $pdf = new Dompdf([
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'defaultFont' => 'DejaVu Sans',
            'tempDir' => sys_get_temp_dir(),
            'fontCache' => storage_path('framework/cache'),
        ]);
        $pdf->setPaper($paper, $orientation);
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }

    public static function response(string $html, string $name, string $orientation = 'portrait'): Response
    {
        return new Response(self::of($html, 'a4', $orientation), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => sprintf('inline; filename="%s.pdf"', $name),
        ]);
    }
}
