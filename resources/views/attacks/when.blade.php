{{-- Which answer when: a strip along the time one has, and along the distance. --}}
@include('attacks.when-drawing')
<p class="form-text">{{ __('attacks.when.key') }}
    <a href="{{ route('attacks.when', $attack) }}" download>{{ __('words.save-svg') }}</a></p>
<details><summary>{{ __('attacks.when.table') }}</summary>
    <ul>@foreach ($picture->rows as $row)<li>{{ $row['text'] }}</li>@endforeach</ul></details>
