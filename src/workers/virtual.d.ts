declare module 'virtual:planner-worker' {
  /** Address of the planning worker, which is built together with the page. */
  const url: string;
  export default url;
}
