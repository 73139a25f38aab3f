<section class="slab next-steps" aria-labelledby="next-steps">
<div class="heading-row">
    <h2 id="next-steps" class="mt-0">{{ __('beginning.next-steps.title') }}</h2>
    <form method="post" action="{{ route('next-steps.destroy') }}" class="actions">
        @csrf
        @method('delete')
        <x-button size="sm">{{ __('beginning.next-steps.hide') }}</x-button>
    </form>
</div>
<ol>
@foreach ($nextSteps as $step)
    <li>{{ $step->text }} <a href="{{ $step->url }}">{{ $step->label }}</a></li>
@endforeach
</ol>
</section>
