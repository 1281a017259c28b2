<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>Order {{ $order->number }}</title>
<style>
@page { margin: 18mm 16mm; }
body { font: 10pt 'DejaVu Sans'; color: #20262c; line-height: 1.3; }
h1 { font-size: 18pt; margin: 0; } p { margin: 0 0 4pt; } .m { color: #555c61; }
table { width: 100%; border-collapse: collapse; margin-top: 12pt; } th { text-align: left; font-size: 9pt; color: #555c61; border-bottom: 0.8pt solid #20262c; padding: 2pt 6pt 2pt 0; }
td { vertical-align: top; padding: 4pt 6pt 4pt 0; border-bottom: 0.3pt solid #c9c2b2; } .n { text-align: right; white-space: nowrap; } .t td { border: 0; font-weight: bold; }
</style></head><body>
<h1>Order {{ $order->number }}</h1>
<p><strong>To {{ $order->supplier->name }}</strong></p>
<p class="m">From {{ $order->job->shop->name }}, by {{ $order->author->name }}, {{ $order->created_at->format('j M Y') }}. For {{ $order->job->machine->name }}, {{ lcfirst($order->job->wheel) }}, job {{ $order->job->number }}.</p>
<table>
<tr><th>Article</th><th>Asked for</th><th class="n">Pieces</th><th class="n">{{ $currency }}</th></tr>
@foreach ($order->lines as $line)<tr><td><strong>{{ $line->article }}</strong></td><td>{{ $line->ask_for }}</td><td class="n">{{ $line->quantity }}</td><td class="n">{{ sprintf('%d.%02d', intdiv($line->price_minor, 100), $line->price_minor % 100) }}</td></tr>@endforeach
<tr><td colspan="3" class="n m">Carriage</td><td class="n">{{ sprintf('%d.%02d', intdiv($order->carriage_minor, 100), $order->carriage_minor % 100) }}</td></tr>
<tr class="t"><td colspan="3" class="n">Together</td><td class="n">{{ $total->shown() }}</td></tr>
</table>
</body></html>
