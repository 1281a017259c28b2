@extends('paper')
@section('title', $job->machine->name)
@section('style')
body { font-size: 10.5pt; line-height: 1.35; }
h1 { font-size: 19pt; margin: 0 0 2pt; }
h2 { font-size: 11pt; margin: 14pt 0 3pt; border-bottom: 0.8pt solid #20262c; padding-bottom: 2pt; }
table { margin: 0; }
td { padding: 4pt 10pt 4pt 0; }
.w { width: 50%; }
@endsection
@php
$about = array_filter([$job->machine->model, $job->machine->owner === '' ? '' : 'for '.$job->machine->owner, $job->shop->saidOnPaper()]);
$signer = $job->signerName();
@endphp
@section('body')
<h1>{{ $job->machine->name }}, {{ lcfirst($job->wheel) }}</h1>
<p class="m">{{ implode(' · ', $about) }}, job {{ $job->number }}</p>
<p><strong>{{ $signer === null
    ? 'Work under way: not signed yet'
    : "Done and signed by $signer, ".$job->shop->day($job->signed_at) }}</strong></p>
@if ($job->origin !== null && $job->saidSigned() !== null)
<p class="m">{{ $job->saidSigned()->text }}</p>
@endif
@if ($complaint)
<h2>What you told us</h2>
<p>“{{ $complaint }}”</p>
@endif
@if ($causes)
<h2>Why it failed</h2>
<p>{{ implode('; ', $causes) }}.</p>
@endif
@if ($decided)
<h2>What you decided</h2>
@foreach ($decided as [$asked, $answer])
<p><span class="m">{{ $asked }}</span> {{ $answer }}</p>
@endforeach
@endif
<h2>What is in it now</h2>
@forelse ($bearings as $one)
<p>{{ $one }}</p>
@empty
<p>As it is noted on the job card.</p>
@endforelse
<p class="m">{{ $kind }}.</p>
@if ($before || $after)
<h2>Before, and now</h2>
<table>
<tr>
<td class="w m">When it came in</td>
<td class="m">As it goes out</td>
</tr>
<tr>
@foreach ([$before, $after] as $lines)
<td>
@forelse ($lines as $one)
{{ $one }}<br>
@empty
Not noted.
@endforelse
</td>
@endforeach
</tr>
</table>
@endif
<h2>What to look after</h2>
@forelse ($due as $item)
<p>
@if ($item->due_on)
<strong>{{ $item->due_on->format('j M Y') }}</strong>:
@elseif ($item->due_meter)
<strong>{{ number_format($item->due_meter, 0, '.', ' ') }} {{ $item->meter_unit }}</strong>:
@endif
{{ $item->words ? $words->say($item->words) : $item->what }}
</p>
@empty
<p>Nothing beyond the machine's own service.</p>
@endforelse
<p class="m" style="margin-top: 16pt">
Ride or drive carefully at first. Come back at once when it grows loud, hot or loose.
The machine's manual goes before anything written here.
</p>
@endsection
