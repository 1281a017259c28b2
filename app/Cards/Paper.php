<?php

declare(strict_types=1);

namespace App\Cards;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\Factory;

/** Renders a view as a PDF, with nothing fetched from anywhere. */
final readonly class Paper
{
    public function __construct(private Factory $views)
    {
    }

    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $content
     * @param  string  $size a4 or letter
     */
    public function rendered(string $view, array $content, string $size): Dompdf
    {
        $cache = storage_path('framework/cache');
        $pdf = new Dompdf(
            new Options(['defaultFont' => 'DejaVu Sans', 'isRemoteEnabled' => false, 'fontCache' => $cache, 'tempDir' => $cache]),
        );
        $pdf->setPaper($size);
        $pdf->loadHtml($this->views->make($view, $content)->render());
        $pdf->render();

        return $pdf;
    }
}
