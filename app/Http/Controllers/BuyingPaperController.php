<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Shopping;
use App\Cards\BuyingPaper;
use App\Cards\CustomerSheet;
use App\Http\PaperSize;
use App\Models\Job;
use App\Models\Order;
use App\Models\User;
use CleanRace\Core\Tables\CsvText;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

/** Orders and quotes to print, and orders as CSV. */
final class BuyingPaperController
{
    public function order(Request $request, Order $order, string $form, BuyingPaper $paper): Response
    {
        Gate::authorize('view', $order);
        $order->load('supplier:id,name', 'job.machine', 'job.shop', 'author:id,name', 'lines');

        return $form === 'csv'
            ? self::csv($order)
            : new Response($paper->order($order, PaperSize::of($request, $order->job->shop)), 200, [
                'Content-Type' => 'application/pdf',
                'Content-Disposition' => "inline; filename=\"order-{$order->number}.pdf\"",
            ]);
    }

    public function quote(Request $request, Job $job, Shopping $shopping, BuyingPaper $paper, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $job);
        $job->load('machine', 'shop');

        return new Response($paper->quote($job, $shopping->of($job), PaperSize::of($request, $job->shop), $user->units), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"quote-{$job->number}.pdf\"",
        ]);
    }

    private static function csv(Order $order): Response
    {
        $csv = CsvText::line(['article', 'description', 'quantity', 'price', 'for']);
        foreach ($order->lines as $line) {
            $csv .= CsvText::line([
                $line->article,
                $line->ask_for,
                $line->quantity,
                sprintf('%d.%02d', intdiv($line->price_minor, 100), $line->price_minor % 100),
                $line->what,
            ]);
        }

        return new Response($csv, 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"order-{$order->number}.csv\"",
        ]);
    }

    /** One page for the customer: what was done and what to look after. */
    public function sheet(Request $request, Job $job, CustomerSheet $sheet, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $job);
        $job->load('machine', 'shop', 'signer');

        return new Response($sheet->pdf($job, PaperSize::of($request, $job->shop), $user->units), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"customer-{$job->number}.pdf\"",
        ]);
    }
}
