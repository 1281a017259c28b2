<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $job->machine->name }}</title>
<style>
@page { margin: 18mm 16mm; }
body { font: 10.5pt 'DejaVu Sans'; color: #20262c; line-height: 1.35; }
h1 { font-size: 19pt; margin: 0 0 2pt; } h2 { font-size: 11pt; margin: 14pt 0 3pt; border-bottom: 0.8pt solid #20262c; padding-bottom: 2pt; } p { margin: 0 0 4pt; } .m { color: #555c61; }
table { width: 100%; border-collapse: collapse; } td { vertical-align: top; padding: 4pt 10pt 4pt 0; border-bottom: 0.3pt solid #c9c2b2; } .w { width: 50%; }
</style></head><body>
<h1>{{ $job->machine->name }}, {{ lcfirst($job->wheel) }}</h1>
<p class="m">{{ $job->machine->model }}@if ($job->machine->owner) · for {{ $job->machine->owner }}@endif · {{ $job->shop->name }}, job {{ $job->number }}</p>
<p><strong>{{ $job->signerName() !== null ? 'Done and signed by '.$job->signerName().', '.$job->signed_at->format('j M Y') : 'Work under way: not signed yet' }}</strong></p>
@if ($complaint)<h2>What you told us</h2><p>“{{ $complaint }}”</p>@endif
@if ($decided)<h2>What you decided</h2>@foreach ($decided as [$asked, $answer])<p><span class="m">{{ $asked }}</span> {{ $answer }}</p>@endforeach @endif
<h2>What is in it now</h2>
@forelse ($bearings as $one)<p>{{ $one }}</p>@empty<p>As it is noted on the job card.</p>@endforelse
<p class="m">{{ $kind }}.</p>
@if ($before || $after)<h2>Before, and now</h2>
<table><tr><td class="w m">When it came in</td><td class="m">As it goes out</td></tr>
<tr><td>@forelse ($before as $one){{ $one }}<br>@empty Not noted. @endforelse</td><td>@forelse ($after as $one){{ $one }}<br>@empty Not noted. @endforelse</td></tr></table>@endif
<h2>What to look after</h2>
@forelse ($due as $item)<p>@if ($item->due_on)<strong>{{ $item->due_on->format('j M Y') }}</strong>: @elseif ($item->due_meter)<strong>{{ number_format($item->due_meter, 0, '.', ' ') }} {{ $item->meter_unit }}</strong>: @endif{{ $item->words ? $words->say($item->words) : $item->what }}</p>@empty<p>Nothing beyond the machine's own service.</p>@endforelse
<p class="m" style="margin-top: 16pt">Ride or drive carefully at first. Come back at once when it grows loud, hot or loose. The machine's manual goes before anything written here.</p>
</body></html>
