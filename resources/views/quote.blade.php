<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>Quote, job {{ $job->number }}</title>
<style>
@page { margin: 18mm 16mm; }
body { font: 10pt 'DejaVu Sans'; color: #20262c; line-height: 1.3; }
h1 { font-size: 18pt; margin: 0; } p { margin: 0 0 4pt; } .m { color: #555c61; }
table { width: 100%; border-collapse: collapse; margin-top: 12pt; } th { text-align: left; font-size: 9pt; color: #555c61; border-bottom: 0.8pt solid #20262c; padding: 2pt 6pt 2pt 0; }
td { vertical-align: top; padding: 4pt 6pt 4pt 0; border-bottom: 0.3pt solid #c9c2b2; } .n { text-align: right; white-space: nowrap; } .t td { border: 0; font-weight: bold; font-size: 12pt; }
</style></head><body>
<h1>Quote</h1>
<p><strong>{{ $job->machine->name }}, {{ lcfirst($job->wheel) }}</strong> · {{ $job->machine->model }}</p>
<p class="m">For {{ $job->machine->owner }}. {{ $job->shop->name }}, job {{ $job->number }}, {{ now()->format('j M Y') }}.</p>
<table>
<tr><th>What</th><th>Part</th><th class="n">Pieces</th><th class="n">{{ $currency }}</th></tr>
@foreach ($lines as $i => $line)<tr><td>{{ $words->of($line->what) }}</td><td>{{ $words->of($line->askFor) }}</td><td class="n">{{ $line->quantity }}</td><td class="n">{{ isset($prices[$i]) ? $prices[$i]->shown() : (isset($shelf[$line->key ?? '']) ? 'from the shelf' : (isset($ordered[$line->key ?? '']) ? 'ordered' : 'to be asked')) }}</td></tr>@endforeach
<tr><td colspan="3">Carriage</td><td class="n">{{ $carriage->shown() }}</td></tr>
<tr><td colspan="3">Work at the bench, about {{ $minutes }} minutes</td><td class="n">{{ $labour->shown() }}</td></tr>
<tr class="t"><td colspan="3" class="n">Together, as far as known</td><td class="n">{{ $currency }} {{ $total->shown() }}</td></tr>
</table>
<p class="m" style="margin-top: 14pt">Bearings are changed in pairs unless it is said otherwise. When the bore or the shaft turns out worn, we ask before going on. Lines to be asked are not in the sum.</p>
</body></html>
