@if ($isInvitation)
{{ $lead->name }} invites you to {{ $lead->academy->name }} on Low Point. Open this address and choose a name and a password:
@else
{{ $lead->name }} has made a link for you. Open this address and choose a new password:
@endif

{{ $address }}

It opens once, until {{ $until->format('j M Y, H:i') }} (UTC). If you did not expect it, leave it be.
