@php($mistakes = $bench->mistakes())
@if ($mistakes !== [])
<h2>{{ __('answers.mistakes') }}</h2>
<ul class="mistakes">
    @foreach ($mistakes as $mistake)
        <li><strong>{{ $mistake['text'] }}</strong>
            @if ($mistake['shown'])<code>{{ $mistake['shown'] }}</code>@endif
            @if ($mistake['breaks'])<span class="d-block">{{ $mistake['breaks'] }}</span>@endif</li>
    @endforeach
</ul>
@endif
