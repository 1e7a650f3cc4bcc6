<script lang="ts">
</script>

<main class="mx-auto max-w-xl py-16 text-center">
  <h1 class="text-2xl font-bold">There is nothing at that address</h1>
  <p class="mt-6"><a class="btn" href="/">Workshop</a></p>
</main>
