@php($mistakes = $bench->mistakes())
@if ($mistakes !== [])
<h2>{{ __('answers.mistakes') }}</h2>
<ul class="mistakes">
    @foreach ($mistakes as $mistake)
        <li><strong>{{ $mistake->text }}</strong>
            @if ($mistake->shown)<code>{{ $mistake->shown }}</code>@endif
            @if ($mistake->breaks)<span class="d-block">{{ $mistake->breaks }}</span>@endif
            @if ($mistake->floors !== [])
                <details><summary>{{ __('answers.mistake-shown') }}</summary>@include('workbench.mistake')
                    @if (isset($answer))<a href="{{ route('answers.beside', [$answer, 'with' => $mistake->with]) }}">{{
                        __('beside.link') }}</a>@endif
                </details>
            @endif</li>
    @endforeach
</ul>
@endif
