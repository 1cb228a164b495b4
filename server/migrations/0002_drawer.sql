CREATE TABLE "drawer" (
	"id" text PRIMARY KEY NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"item" jsonb NOT NULL,
	"count" integer NOT NULL
);
--> statement-breakpoint
CREATE INDEX "drawer_by_kind" ON "drawer" USING btree ("kind","name");