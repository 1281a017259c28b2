{!! $shop->name !!} works with Clean Race.

Open this address and choose a password:
{!! $address !!}

Or type the code at "I have a code": {!! $code !!}
It holds until {{ $until->format('j F Y, H:i') }} and works once. Whoever does not expect it does nothing.
