@php($date = $language === 'en' ? 'D MMMM YYYY' : 'LL')
<!doctype html>
<html lang="{{ $language }}">
<head>
<meta charset="utf-8">
<title>{{ $say('Lesson of') }} {{ $day($lesson->began_at, $date) }}, {{ $lesson->student->name }}</title>
<style>
@foreach (['Atkinson' => 'AtkinsonHyperlegibleNext', 'Literata' => 'Literata'] as $family => $file)
@font-face { font-family: {{ $family }}; font-weight: normal; src: url("{{ $font("{$file}-Regular.ttf") }}") format("truetype"); }
@font-face { font-family: {{ $family }}; font-weight: bold; src: url("{{ $font("{$file}-Bold.ttf") }}") format("truetype"); }
@endforeach
@page { size: {{ $paper === 'letter' ? 'letter' : 'A4' }}; margin: 6mm 11mm; }
* { box-sizing: border-box; }
body { font-family: Atkinson, "Atkinson Hyperlegible Next Variable", "DejaVu Sans", sans-serif; font-size: 9.1pt; line-height: 1; color: {{ \App\Figures\Palette::colour('ink') }}; margin: 0; }
h1, h2, .big { font-family: Literata, "DejaVu Serif"; margin: 0; line-height: 1.1; }
h1 { font-size: 16pt; } h2 { font-size: 11pt; margin: 1.6mm 0 0.6mm; border-top: 1px solid {{ \App\Figures\Palette::colour('ink') }}; padding-top: 1.2mm; }
p, ul, ol { margin: 0 0 1mm; } ul, ol { padding-left: 4.5mm; } .soft { color: {{ \App\Figures\Palette::colour('soft') }}; } .big { font-size: 15pt; font-weight: bold; }
table { width: 100%; border-collapse: collapse; } td { vertical-align: top; padding: 0 3mm 0 0; overflow-wrap: break-word; word-wrap: break-word; }
.strip img { width: 96%; } .strip td { padding-bottom: 1.5mm; } .picture img { width: 25mm; max-height: 27mm; vertical-align: top; }
.cautions { font-size: 9pt; line-height: 1; border-left: 2mm solid {{ \App\Figures\Palette::colour('ochre') }}; padding-left: 2mm; }
@media screen { body { max-width: 190mm; margin: 8mm auto; font-size: 11pt; } }
</style>
</head>
<body>
<h1>{{ Illuminate\Support\Str::limit($lesson->student->name, 48) }}</h1>
<p class="soft">{{ $say('Lesson of') }} {{ $day($lesson->began_at, $date) }} {{ $say('with') }} {{ $lesson->student->coach->name }} · {{ $say($lesson->task['shot']) }}, {{ $say(LowPoint\Core\Strike\Lie::from($lesson->task['lie'])->label()) }}, {{ $lesson->task['club']['loft_deg'] }}/{{ $lesson->task['club']['bounce_deg'] }}</p>

@if ($given !== null)
<h2>{{ $change }}</h2>
<table><tr>@foreach ($asked as $view)<td style="width: 29%"><img src="{{ $view['svg'] }}" style="max-width: 50mm; max-height: 26mm" alt="{{ $view['title'] }}"></td>@endforeach
<td><strong>{{ implode(' ', $changes) }}</strong></td></tr></table>
@endif

<h2>{{ $say('What was seen') }}</h2>
@forelse ($strips as $strip)
<table class="strip"><tr>
<td style="width: 17%"><strong>{{ $strip['title'] }}</strong><br><span class="big">{{ $strip['good']['count'] }}</span> {{ $say('of') }} {{ $strip['good']['of'] }} {{ $word }}</td>
<td style="width: 53%"><img src="{{ $strip['svg'] }}" alt="{{ $strip['text'] }}"></td>
<td style="width: 30%">{{ $strip['text'] }}</td>
</tr></table>
@empty
<p>{{ $say('No balls were logged.') }}</p>
@endforelse
@if ($shapes)<p><img src="{{ $shapes }}" style="width: 150mm" alt="{{ $say('What the shapes mean') }}"></p>@endif

@if ($still)<p><img src="{{ $still }}" style="max-width: 90mm; max-height: 50mm" alt="{{ $say('A picture with what was marked in it') }}"></p>@endif

@if ($given === null)
<p>{{ $say('Nothing was handed out in this lesson.') }}</p>
@else
<h2>{{ $given['cause_name'] }}</h2>
<p>{{ $given['seen'] ?? '' }} {{ $given['belief'] ?? '' }} {{ implode(' ', $given['evidence'] ?? []) }} {{ $given['stop'] }}</p>
@if (($given['sentence'] ?? '') !== '')<p><strong>{{ $given['sentence'] }}</strong></p>@endif

<table><tr>
<td style="width: 55%">
<h2>{{ $say('Set-up card') }}</h2>
<p>{{ implode(' · ', $given['card'] ?? []) }}</p>
</td>
<td style="width: 45%">
<h2>{{ $say('Feel') }}</h2>
<p class="big" style="font-size: 11pt">{{ $given['feel'] }}</p>
<p class="soft">{{ $say('What must move') }}: {{ $given['measure'] }}.</p>
</td>
</tr></table>

<h2>{{ $say('Drills') }}</h2>
@foreach ($given['drills'] as $i => $drill)
<table><tr>
<td class="picture" style="width: 30%">@if ($figures[$i])<img src="{{ $figures[$i] }}" alt="">@endif @if ($pictures[$i])<img src="{{ $pictures[$i] }}" alt="">@endif</td>
<td style="width: 70%"><strong>{{ $drill['name'] }}.</strong> {{ $drill['purpose'] }} {{ $drill['goal']['sets'] ?? $drill['dose']['sets'] }} × {{ $drill['goal']['balls'] ?? $drill['dose']['balls'] }}, {{ $drill['goal']['minutes'] ?? $drill['dose']['minutes'] }} {{ $say('minutes') }}. {{ $say('Passed') }}: {{ $drill['goal']['text'] ?? '' }}. {{ $drill['pass']['text'] }}
<ol>@foreach ($drill['steps'] as $step)<li>{{ $step }}</li>@endforeach</ol>
@foreach ($drill['distances'] as $distance)<strong>{{ $distance }}</strong> @endforeach</td>
</tr></table>
@endforeach
@endif

@if ($visits !== [])
<h2>{{ $say('Plan') }}</h2>
<p>@foreach ($visits as $visit)<strong>{{ $day($visit->day, $language === 'en' ? 'ddd D MMM' : 'dd D. MMM') }}</strong> {{ implode(', ', array_map(fn ($item) => $say($item['name']).' '.$item['minutes'].' min', $visit->items)) }}@if (! $loop->last); @endif @endforeach</p>
@endif

<h2>{{ $say('Cautions') }}</h2>
<div class="cautions">
@if ($guardian)<p><strong>{{ $say('Practise with a responsible adult present; the safeguarding rules of the club apply.') }}</strong></p>@endif
<p>{{ implode(' ', $cautions) }}</p>
<p>{{ $say('Notes on the rules of play are reminders only: the rules in force and the committee decide.') }}</p>
</div>
</body>
</html>
